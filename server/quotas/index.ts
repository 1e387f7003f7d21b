export { type Quota, type Quotas, quotas } from './quotas';
export { countOf, lockPerson, onlyRow, requireRoom } from './requireRoom';
