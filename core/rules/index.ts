export { crossings, stretchesBelow } from './crossings';
export { judge, type Judgement } from './judge';
export { strokePieces, type Stroked, type StrokePiece } from './strokes';
