export { benchFigureRoutes, figureRoutes } from './figureRoutes';
export { chartRoutes } from './routes';
export { measureValueRoutes } from './measureValue';
