export { writingRoutes } from './routes';
