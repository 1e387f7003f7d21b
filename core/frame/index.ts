export { columnsCompared, type Comparison, rowTest } from './comparisons';
export { type AxisColumn, checkPlaces, orderPlaces, placesBy, type Place } from './axisPlaces';
export {
  type Aggregate,
  aggregateKind,
  type AggregateKind,
  aggregateKinds,
  aggregates,
} from './aggregates';
export { aggregate, checkSplit, columnsAsked } from './aggregate';
export { othersWord } from './foldedWords';
export {
  type DatesFilter,
  type Filter,
  filterEntry,
  filterKind,
  filterKinds,
  filterSchema,
  type NumbersFilter,
  type WordsFilter,
} from './filters';
export { type Frame, frameKey, type FrameRequest } from './frame';
export { everyOf, type Readings } from './readings';
export { type Ranking, rankings, rankWords, type TopRequest } from './ranking';
export type { Within } from './layWithin';
