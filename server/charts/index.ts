export { chartRoutes } from './routes';
