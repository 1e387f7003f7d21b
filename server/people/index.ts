export { createAccount } from './accounts';
export { demoPeople } from './demoPeople';
export { peopleRoutes } from './routes';
export { requirePerson } from './sessions';
export { sweepTries } from './tries';
