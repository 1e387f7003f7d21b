export { offWord } from './compare';
export { figuresCaught } from './rules';
export { readChart, type ReadingContext } from './readChart';
export type {
  Comparison,
  Reading,
  ReadPeriod,
  ReadRule,
  ReadSeries,
  ReadStandout,
} from './reading';
