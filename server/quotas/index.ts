export { type Quota, type Quotas, quotas } from './quotas';
export { bytesOfPerson } from './bytesOfPerson';
export { countOf, lockPerson, onlyRow, requireRoom } from './requireRoom';
export { rowsOfPerson } from './rowsOfPerson';
