export { findTotalColumns } from './columns';
export { findTotalRows, mostCompared } from './rows';
export { beganAsTotal, namesTotal } from './words';
