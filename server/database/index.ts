export { type Database, openDatabase, type Queries } from './connection';
export { migrateDatabase } from './migrations';
export * as tables from './tables';
export type { StoredColumn } from './tables';
