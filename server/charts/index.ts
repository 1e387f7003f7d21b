export { benchFigureRoutes, figureRoutes } from './figureRoutes';
export { chartRoutes } from './routes';
