export { crossings, stretchesBelow } from './crossings';
export { judge, type Judgement } from './judge';
export {
  caughtFigures,
  type LineRule,
  strokePieces,
  type Stroked,
  type StrokePiece,
} from './strokes';
