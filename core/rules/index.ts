export { crossings, stretchesBelow } from './crossings';
export { judge, type Judgement } from './judge';
export { caughtFigures, countMet, isLeftOpen, type LineRule, type Stroked } from './judged';
export { strokePieces, type StrokePiece } from './strokes';
