import { Sentence } from '../sentences';
import { mixed, object } from 'yup';
import type { AxisKind } from './axisKind';

/** The periods of the chart's grain. */
export interface PeriodsAxis {
  kind: 'periods';
}

export const periods: AxisKind<PeriodsAxis> = {
  kind: 'periods',
  sentence: Sentence.of<PeriodsAxis>({ kind: 'periods' }).words('by period'),
  schema: () => object({ kind: mixed<'periods'>().oneOf(['periods']).required() }),
  ofPeriods: true,
  unit: (grain) => grain,
  say: (_, unit) => `by ${unit}`,
  phrase: (_, grain) => grain,
};
