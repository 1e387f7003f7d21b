import { mixed, object } from 'yup';
import { between, number, Sentence } from '../../../core/sentences';
import { figure } from '../../../core/values';
import { type DialKind, named } from '../../../core/dials/dial';

/** A number from 0 to 100. */
interface PercentDial {
  kind: 'percent';
  id: string;
  name: string;
  value: number;
}

const hundred = { from: 0, to: 100, first: 50 };

export const percent: DialKind<PercentDial> = {
  kind: 'percent',
  sentence: Sentence.of<PercentDial>({ kind: 'percent' })
    .words('a percentage, at ')
    .slot('value', between('', number(hundred), '%')),
  schema: () =>
    object({
      kind: mixed<'percent'>().oneOf(['percent']).required(),
      ...named,
      value: figure().min(0).max(100).required(),
    }),
  stands: ({ value }) => value,
  turns: () => ({ by: 'number', from: 0, to: 100, step: 1 }),
  at: (value) => ({ kind: 'percent', value: Number(value) }),
  turnedTo: (_dial, to) => (Number(to) >= 0 && Number(to) <= 100 ? Number(to) : null),
};
