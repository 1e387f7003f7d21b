export { findTotalColumns } from './columns';
export { findTotalRows, type FoundTotals, mostCompared } from './rows';
export { beganAsTotal, namesTotal } from './words';
