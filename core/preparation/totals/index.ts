export { findTotalColumns } from './columns';
export { findTotalRows, mostCompared } from './rows';
export { beganAsTotal } from './words';
