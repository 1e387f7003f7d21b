export { dateAxis, mostPeriods } from './axis';
export { handOver } from './handover';
export { layLines, mostLines, type SeriesLine } from './series';
export { strokesOf } from './strokes';
