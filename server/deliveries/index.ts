export { deliverFile } from './deliver';
export { deliveryRoutes } from './routes';
export { sweepDeliveries } from './underway';
