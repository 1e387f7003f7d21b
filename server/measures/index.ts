export { measuresOf } from './measureAccess';
export { measureRoutes } from './routes';
