export { compareFigures } from './compare';
export {
  decimalsOf,
  difference,
  exactDifference,
  ExactSum,
  exactSum,
  type Figures,
  product,
  runningSum,
  sumFigures,
} from './exact';
export { figure, list } from './fields';
export { percentileOfSorted } from './percentile';
export { type StandsAt, wordsIn } from './wordsIn';
export {
  cutText,
  flawOf,
  isFigure,
  largestFigure,
  plainData,
  plainText,
  wellFormed,
} from './plain';
export { sayBytes } from './sayBytes';
export { type Place, type Problem, ProblemError } from './problem';
