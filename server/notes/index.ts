export { keepNotes } from './keepNotes';
export { noteRoutes } from './routes';
export { realDays } from './realDays';
