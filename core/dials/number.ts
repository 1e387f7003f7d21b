import { between, type Entry, number, Sentence, textAs, ways } from '../sentences';
import { mixed, object, string } from 'yup';
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
  /** what it counts, as in "days back"; missing: a bare number */
  unit?: string;
}

const spanned = (given: Partial<NumberDial> = {}) =>
  Sentence.of<NumberDial>({ kind: 'number', ...given })
    .words('a number from ')
    .slot('from', number({ first: 0 }), 'From')
    .words(' to ')
    .slot('to', number({ first: ({ level }) => 2 * Math.abs(level) || 100 }));

const steps = number({ first: ({ level }) => Math.abs(level) / 50 || 2 });

const standing = Sentence.of<NumberDial>()
  .words(', at ')
  .slot('value', number({ first: ({ level }) => Math.abs(level) || 50 }))
  .option('unit', undefined, between('read as ', textAs('days back')) as Entry<string | undefined>);

export const numberDial: DialKind<NumberDial> = {
  kind: 'number',
  sentence: ways<NumberDial>(
    [({ step }) => step !== 1, spanned().words(' in steps of ').slot('step', steps).and(standing)],
    [() => true, spanned({ step: 1 }).and(standing)],
  ),
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
      unit: string().trim().min(1).max(40).optional(),
    }),
  stands: ({ value }) => value,
  at: (value) => {
    const number = Number(value);
    const reach = Math.max(10, Math.abs(number) * 2);
    const [from, to] = [Math.min(0, number), Math.max(0, number) + reach];
    return { kind: 'number', value: number, from, to, step: reach / 100 };
  },
  turns: ({ from, to, step, unit }) => ({ by: 'number', from, to, step, unit }),
  turnedTo: ({ from, to: end }, to) => {
    const number = Number(to);
    return Number.isFinite(number) ? Math.min(end, Math.max(from, number)) : null;
  },
};
