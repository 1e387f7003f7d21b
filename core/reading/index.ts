export { offWord } from './compare';
export { linesOf } from './words';
export { figuresCaught } from './rules';
export { readChart, type ReadingContext } from './readChart';
export type { Comparison, Reading, ReadPanel, ReadRule, ReadSeries, ReadStandout } from './reading';
