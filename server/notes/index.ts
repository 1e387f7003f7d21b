export { noteRoutes } from './routes';
