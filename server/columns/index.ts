export { columnFolder, hashOf } from './columnFolder';
export {
  digitsFor,
  exactDigits,
  fileColumn,
  type KeptColumn,
  keptColumns,
  keptTogether,
  rowColumn,
} from './kept';
export { copyPiece, type InPieces, pieceContent, pieceFile, storePiece } from './pieces';
export { cellAt, joined, type RawColumn, RowGatherer } from './rawColumns';
export { type RowRange, unpackAlone } from './readAlone';
export { packAlone } from './writeAlone';
