export { DashboardPage } from './DashboardPage';
export { DashboardsPage } from './DashboardsPage';
export { SharedPage } from './SharedPage';
