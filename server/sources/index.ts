export { factsColumn, factsTable, wordsTable } from './facts';
export { inUse } from './inUse';
export { keyReader, keysNotUnique, type LaidRow, layOver, UniqueKeys } from './layOver';
export { mergeTables } from './mergeTables';
export { rowsAsText } from './storedRows';
export { sourceRoutes } from './routes';
export {
  chartsDrawing,
  chartsUsing,
  listSources,
  noteSources,
  requireOwnSource,
  requireSource,
  requireSources,
  sourcesNamed,
  sourcesOf,
  versionsSeen,
} from './sourceAccess';
export {
  isMerged,
  sourceGone,
  type StoreListener,
  storeVersion,
  Superseded,
  type Target,
} from './storeVersion';
export type { TypedTable } from './typedTable';
export {
  openStandingRows,
  openVersionRows,
  type StandingRows,
  type VersionRows,
} from './versionRows';
export { sweepUnfinished } from './versions';
