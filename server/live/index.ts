export { liveRoutes } from './routes';
