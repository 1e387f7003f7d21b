export { type Comparison, rowTest } from './comparisons';
export { type AlongColumn, checkPlaces, orderPlaces, type Place } from './along';
export { aggregate, checkSplit, columnsAsked } from './aggregate';
export { othersWord } from './foldedWords';
export {
  type DatesFilter,
  type Filter,
  filterKind,
  filterSchema,
  type NumbersFilter,
  type WordsFilter,
} from './filters';
export {
  type Aggregate,
  aggregates,
  divides,
  type Frame,
  frameKey,
  type FrameRequest,
  isAdditive,
} from './frame';
export { everyOf, type Readings } from './readings';
export { type Ranking, rankings, rankWords, type TopRequest } from './ranking';
export type { Within } from './spread';
