import { mixed, object } from 'yup';
import type { AxisKind } from './axisKind';

/** The dates as they were recorded. */
export interface RecordedAxis {
  kind: 'recorded';
}

export const recorded: AxisKind<RecordedAxis> = {
  kind: 'recorded',
  schema: object({ kind: mixed<'recorded'>().oneOf(['recorded']).required() }),
  unit: () => 'recorded date',
  say: () => 'as recorded',
  phrase: () => 'date as recorded',
};
