export { type AxisPeriod, dateAxis, mostPeriods } from './axis';
export { frameOf, type Frames, isTooCoarse, layLines, mostLines, type SeriesLine } from './series';
