export { accountRoutes } from './accountRoutes';
export { createAccount } from './accounts';
export { demoPeople } from './demoPeople';
export { peopleRoutes } from './routes';
export { sweepKnownAddresses } from './knownAddresses';
export { requirePerson, sessionOf } from './sessions';
export { hashOfToken, makeToken } from './tokens';
export { sweepTries } from './tries';
