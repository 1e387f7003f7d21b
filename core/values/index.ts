export { compareFigures } from './compare';
export { decimalsOf, exactDifference, ExactSum, exactSum, type Figures } from './exact';
export { percentileOfSorted } from './percentile';
export { type Place, type Problem, ProblemError } from './problem';
