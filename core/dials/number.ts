import { number, Sentence } from '../sentences';
import { mixed, object } from 'yup';
import { figure } from '../values';
import { type DialKind, named } from './dial';

/** A number that readers can turn within a range. */
export interface NumberDial {
  kind: 'number';
  id: string;
  name: string;
  value: number;
  from: number;
  to: number;
  step: number;
}

export const numberDial: DialKind<NumberDial> = {
  kind: 'number',
  sentence: Sentence.of<NumberDial>({ kind: 'number' })
    .words('a number from ')
    .slot('from', number({ first: 0 }), 'From')
    .words(' to ')
    .slot('to', number({ first: ({ level }) => 2 * Math.abs(level) || 100 }))
    .words(' in steps of ')
    .slot('step', number({ first: ({ level }) => Math.abs(level) / 50 || 2 }))
    .words(', at ')
    .slot('value', number({ first: ({ level }) => Math.abs(level) || 50 })),
  schema: () =>
    object({
      kind: mixed<'number'>().oneOf(['number']).required(),
      ...named,
      value: figure().required(),
      from: figure().required(),
      to: figure()
        .required()
        .test(
          'above',
          'A dial ends above where it starts.',
          (to, { parent }) => to > (parent as NumberDial).from,
        ),
      step: figure().positive().required(),
    }),
  at: (value) => {
    const number = Number(value);
    const reach = Math.max(10, Math.abs(number) * 2);
    const [from, to] = [Math.min(0, number), Math.max(0, number) + reach];
    return { kind: 'number', value: number, from, to, step: reach / 100 };
  },
  turns: ({ from, to, step }) => ({ by: 'number', from, to, step }),
  turnedTo: ({ from, to: end }, to) => {
    const number = Number(to);
    return Number.isFinite(number) ? Math.min(end, Math.max(from, number)) : null;
  },
};
