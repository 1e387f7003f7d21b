export { factsColumn, factsTable, wordsTable } from './facts';
export { keyReader } from './mergeTables';
export { sourceRoutes } from './routes';
export {
  chartsUsing,
  requireOwnSource,
  requireSource,
  requireSources,
  sourcesOf,
} from './sourceAccess';
export { type StoreListener, storeVersion, type Target, type TypedTable } from './storeVersion';
export { openStandingRows, openVersionRows, type VersionRows } from './versionRows';
export { sweepUnfinished } from './versions';
