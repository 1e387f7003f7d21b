export { factsColumn, factsTable } from './facts';
export { sourceRoutes } from './routes';
export { requireSources } from './sourceAccess';
export { storeVersion, sweepUnfinished } from './storeVersion';
