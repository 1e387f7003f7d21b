export { inUse } from './inUse';
export { keyReader, keysNotUnique, type LaidRow, layOver, UniqueKeys } from './layOver';
export { mergeTables } from './mergeTables';
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
export { type StoreListener, Superseded, type Target } from './delivery';
export { sourceGone } from './putInPlace';
export type { TypedTable } from './typedTable';
export {
  openStandingRows,
  openVersionRows,
  type ReadCells,
  readRows,
  type StandingRows,
  type VersionRows,
} from './versionRows';
export { removeParts, sweepUnfinished } from './versions';
