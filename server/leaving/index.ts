export { leavingRoutes } from './routes';
