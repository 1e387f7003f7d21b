import { mixed, object, string } from 'yup';
import { columnOf, Sentence } from '../sentences';
import { type AxisKind, sayColumn } from './axisKind';

/** The years of a column of dates, as figures: those without a row leave room, and no gap. */
export interface YearsAxis {
  kind: 'years';
  column: string;
}

export const years: AxisKind<YearsAxis> = {
  kind: 'years',
  sentence: Sentence.of<YearsAxis>({ kind: 'years' })
    .words('by the years of ')
    .slot('column', columnOf('date'))
    .words(' as figures'),
  schema: () =>
    object({
      kind: mixed<'years'>().oneOf(['years']).required(),
      column: string().required().max(200),
    }),
  column: ({ column }) => ({ column, of: 'numbers' }),
  forReaders: (definition) => ({ ...definition, column: '' }),
  unit: () => 'year',
  say: sayColumn,
  phrase: () => 'year',
};
