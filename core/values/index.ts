export { compareFigures } from './compare';
export { decimalsOf, exactDifference, ExactSum, exactSum } from './exact';
export { percentileOfSorted } from './percentile';
export { type Place, type Problem, ProblemError } from './problem';
