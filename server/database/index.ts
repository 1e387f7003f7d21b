export { askTogether } from './askTogether';
export { type Database, openDatabase, type Queries } from './connection';
export { inTransaction } from './inTransaction';
export { endLease, heldByNobody, type Lease, type Leased, sweepLeases, takeLease } from './leases';
export { diskFull, isDiskFull } from './diskFull';
export { migrateDatabase } from './migrations';
export { DatabaseAway, isDatabaseAway, isDuplicate } from './failures';
export * as tables from './tables';
export type { StoredColumn, StoredDoubts, StoredPiece } from './tables';
