export { type AxisPeriod, dateAxis, mostPeriods } from './axis';
export { pooledFigures } from './pooled';
export { layLines, mostLines, type SeriesLine } from './series';
