export { factsColumn, factsTable, wordsTable } from './facts';
export { inUse } from './inUse';
export { keyReader } from './mergeTables';
export { rowsAsText } from './storedRows';
export { sourceRoutes } from './routes';
export {
  chartsDrawing,
  chartsUsing,
  listSources,
  requireOwnSource,
  requireSource,
  requireSources,
  sourcesOf,
} from './sourceAccess';
export { type StoreListener, storeVersion, type Target, type TypedTable } from './storeVersion';
export { openStandingRows, openVersionRows, type VersionRows } from './versionRows';
export { sweepUnfinished } from './versions';
