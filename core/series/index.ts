export { type AxisPeriod, dateAxis, mostPeriods } from './axis';
export {
  frameOf,
  type Frames,
  isCoarser,
  isDrawn,
  layLines,
  mostLines,
  type SeriesLine,
} from './series';
