export { inUse } from './inUse';
export { keyReader, keysNotUnique, type LaidRow, layOver, UniqueKeys } from './layOver';
export { appendRows } from './appendRows';
export { checkKinds, mergeTables } from './mergeTables';
export {
  askedCell,
  type BothSides,
  deliveredOver,
  keyColumns,
  type LaidColumn,
  layBothSides,
  matchRows,
  notReplaced,
  overlaid,
  repeatedIn,
} from './large/bothSides';
export { requireUnique, updateLarge } from './large/updateLarge';
export { type PackedTable, packTable } from './packTable';
export { isLarge, type ReadableVersion, readColumns, filesOf } from './readColumns';
export { previewRows, rowAsText } from './rowText';
export { RowStore } from './rowStore';
export { sourceRoutes } from './routes';
export type { FindWords } from './readSource';
export {
  listSources,
  requireOwnSource,
  requireSource,
  requireSources,
  sourcesNamed,
  versionsSeen,
} from './sourceAccess';
export { chartsDrawing, chartsUsing, noteSources, sourcesOf } from './chartsDrawing';
export { isMerged, parquetParts, storeVersion } from './storeVersion';
export { type FoundDoubts, type StoreListener, Superseded, type Target } from './delivery';
export { sourceGone } from './putInPlace';
export { rowByRow, type StorableTable, type TypedTable } from './typedTable';
export {
  openStandingRows,
  openVersionRows,
  type ReadCells,
  readRows,
  type StandingRows,
  type StandingTable,
  type VersionRows,
} from './versionRows';
export { removeParts, sweepUnfinished } from './versions';
