export { readStamps, type StampOf } from './stamps';
export { dashboardOfLink, requireChart, requireRole } from './access';
export { readableByLink, type ReadableChart, readableChart } from './chartAccess';
export { linkRoutes } from './linkRoutes';
export { chartOf, readDashboard, readNotes, todayIn, todayOf } from './readDashboard';
export { dashboardRoutes } from './routes';
export { sharingRoutes } from './sharing';
export { rolesNow, type Watcher } from './watchers';
