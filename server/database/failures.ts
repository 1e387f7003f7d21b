/** The database did not answer in time, or cannot be reached. */
export class DatabaseAway extends Error {
  constructor(reason: string) {
    super(reason);
    this.name = 'DatabaseAway';
  }
}

const awayCodes = new Set([
  'PROTOCOL_SEQUENCE_TIMEOUT',
  'PROTOCOL_CONNECTION_LOST',
  'ETIMEDOUT',
  'ECONNREFUSED',
  'ECONNRESET',
  'EPIPE',
  'ENOTFOUND',
  'EHOSTUNREACH',
  'ER_CON_COUNT_ERROR',
  'ER_SERVER_SHUTDOWN',
  'ER_LOCK_WAIT_TIMEOUT',
  'ER_CONNECTION_KILLED',
  'ER_QUERY_INTERRUPTED',
  // A node that has lost the others answers so to everything.
  'ER_UNKNOWN_COM_ERROR',
]);

/** Another transaction stood in the way, here or on another node of a cluster: worth trying anew. */
const conflictCodes = new Set(['ER_LOCK_DEADLOCK', 'ER_CHECKREAD']);

interface DatabaseError {
  code?: unknown;
  message?: unknown;
  cause?: unknown;
  /** the connection it came by cannot be used any more */
  fatal?: unknown;
}

/** Looks at an error and at what it was caused by. */
const anyOf = (error: unknown, holds: (error: DatabaseError) => boolean): boolean => {
  if (typeof error !== 'object' || error === null) return false;
  return holds(error) || anyOf((error as DatabaseError).cause, holds);
};

const lostCodes = new Set(['PROTOCOL_CONNECTION_LOST', 'ECONNRESET', 'EPIPE']);

/** Whether an error says that a connection was cut that had been there. */
export const isConnectionLost = (error: unknown): boolean =>
  anyOf(
    error,
    ({ code, message }) => lostCodes.has(String(code)) || /closed state/.test(String(message)),
  );

/** Whether an error says that a transaction met another one and was taken back. */
export const isConflict = (error: unknown): boolean =>
  anyOf(error, ({ code }) => conflictCodes.has(String(code)));

/** Whether an error says that the database does not answer, rather than that something is wrong. */
export const isDatabaseAway = (error: unknown): boolean =>
  anyOf(
    error,
    (each) =>
      each instanceof DatabaseAway ||
      each.fatal === true ||
      awayCodes.has(String(each.code)) ||
      conflictCodes.has(String(each.code)),
  );

/** Whether an error says that a row with this key is there already. */
export const isDuplicate = (error: unknown): boolean =>
  anyOf(error, ({ code }) => code === 'ER_DUP_ENTRY');
