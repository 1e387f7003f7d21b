export { csvRows } from './csvRows';
export { deliveryRoutes } from './deliveryRoutes';
export { factsColumn, factsTable, wordsTable } from './facts';
export { sourceRoutes } from './routes';
export { requireSources, sourcesOf } from './sourceAccess';
export { storeVersion } from './storeVersion';
export { sweepUploads } from './uploads';
export { sweepUnfinished } from './versions';
