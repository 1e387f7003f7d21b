export { crossings, stretchesBelow } from './crossings';
export { judge, type Judgement } from './judge';
export { strokePieces, type StrokePiece } from './strokes';
