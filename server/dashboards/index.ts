export { dashboardOfLink, requireChart, requireRole } from './access';
export { linkRoutes } from './linkRoutes';
export { chartOf, readDashboard, readNotes, todayIn } from './readDashboard';
export { dashboardRoutes } from './routes';
export { sharingRoutes } from './sharing';
