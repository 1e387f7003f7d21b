export { deliverFile } from './deliver';
export { deliveryRoutes } from './routes';
