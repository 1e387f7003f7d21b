export { router } from './router';
export { store } from './store';
