export { sayInOne } from './inOne';
export { sayOutOfView } from './outOfView';
export { linesOf } from './words';
export { readBetween, readOutAt, type ReadOut, type ReadOutRow } from './readOut';
export { sayWhy } from './why';
export { groupsOf, type LineGroup } from './groups';
export { namesFor } from './conditions';
export { coloursWorn, figuresCaught } from './rules';
export { lineFollowed, replayedAt } from './replayed';
export { periodSlots } from './slots';
export { readChart, type ReadingContext } from './readChart';
export type { Cue, Marker } from './cues';
export type {
  Comparison,
  PickedBy,
  Reading,
  ReadHeadline,
  ReadLook,
  ReadPanel,
  ReadRule,
  ReadPiece,
  ReadSeries,
  ReadStandout,
  ReadYardstick,
} from './reading';
export { type Span, spanOf, type Zoom, zoomed, zoomOn } from './zoomed';
