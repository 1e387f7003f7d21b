import { Sentence } from '../sentences';
import { mixed, object } from 'yup';
import type { AxisKind } from './axisKind';

/** The dates as they were recorded. */
export interface RecordedAxis {
  kind: 'recorded';
}

export const recorded: AxisKind<RecordedAxis> = {
  kind: 'recorded',
  sentence: Sentence.of<RecordedAxis>({ kind: 'recorded' }).words('as recorded'),
  schema: () => object({ kind: mixed<'recorded'>().oneOf(['recorded']).required() }),
  unit: () => 'recorded date',
  say: () => 'as recorded',
  phrase: () => 'date as recorded',
};
