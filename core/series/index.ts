export { type AxisPeriod, dateAxis, mostPeriods } from './axis';
export { frameOf, type Frames, isCoarser, layLines, mostLines, type SeriesLine } from './series';
