export { factsColumn, factsTable, wordsTable } from './facts';
export { inUse } from './inUse';
export { keyReader, keysNotUnique, type LaidRow, layOver, UniqueKeys } from './layOver';
export { mergeTables } from './mergeTables';
export { rowsAsText } from './storedRows';
export { sourceRoutes } from './routes';
export {
  listSources,
  requireOwnSource,
  requireSource,
  requireSources,
  sourcesNamed,
  versionsSeen,
} from './sourceAccess';
export { chartsDrawing, chartsUsing, noteSources, sourcesOf } from './chartsDrawing';
export { isMerged, storeVersion } from './storeVersion';
export { type StoreListener, Superseded, type Target } from './delivery';
export { sourceGone } from './putInPlace';
export type { TypedTable } from './typedTable';
export {
  openStandingRows,
  openVersionRows,
  type StandingRows,
  type VersionRows,
} from './versionRows';
export { sweepUnfinished } from './versions';
