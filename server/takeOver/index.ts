export { oldTables } from './oldTables';
export { takeVersionsOver } from './takeOver';
