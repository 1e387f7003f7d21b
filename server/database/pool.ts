import type { Connection as RawConnection } from 'mysql2';
import { createPool, type Pool, type PoolConnection, type QueryOptions } from 'mysql2/promise';

/** The database did not answer in time, or cannot be reached. */
export class DatabaseAway extends Error {
  constructor(reason: string) {
    super(reason);
    this.name = 'DatabaseAway';
  }
}

/**
 * A pool in which nobody waits for ever: neither for a connection nor for an answer. A connection
 * whose answer is late is closed, since nobody knows what it is at.
 */
export function openPool(uri: string, connections: number, seconds: number): Pool {
  const timeout = seconds * 1000;
  const pool = createPool({
    uri,
    connectionLimit: connections,
    connectTimeout: timeout,
    timezone: 'Z',
    jsonStrings: true,
  });
  pool.pool.on('connection', (connection) => limitStatements(connection, timeout));
  const wanted = pool.getConnection.bind(pool);
  const getConnection = () => inTime(wanted(), timeout);
  const once =
    (name: 'query' | 'execute') =>
    async (...statement: unknown[]) => {
      const run = async () => {
        const connection = await getConnection();
        try {
          return await (connection[name] as (...args: unknown[]) => Promise<unknown>)(...statement);
        } finally {
          connection.release();
        }
      };
      // A connection that lay idle may have been cut: what only reads is asked by another.
      return run().catch((error: unknown) => {
        if (isConnectionLost(error) && onlyReads(statement[0])) return run();
        throw error;
      });
    };
  return Object.assign(pool, {
    getConnection,
    query: once('query'),
    execute: once('execute'),
  }) as Pool;
}

const onlyReads = (statement: unknown) =>
  /^\s*select\b/i.test(typeof statement === 'string' ? statement : (statement as QueryOptions).sql);

/** A connection that comes too late goes back to the pool unused. */
function inTime(wanted: Promise<PoolConnection>, timeout: number): Promise<PoolConnection> {
  return new Promise((resolve, reject) => {
    let late = false;
    const timer = setTimeout(() => {
      late = true;
      reject(new DatabaseAway('no connection to the database is free'));
    }, timeout);
    wanted.then(
      (connection) => {
        clearTimeout(timer);
        if (late) connection.release();
        else resolve(connection);
      },
      (error: unknown) => {
        clearTimeout(timer);
        reject(error as Error);
      },
    );
  });
}

type Statement = string | QueryOptions;
type Run = (statement: Statement, ...rest: unknown[]) => unknown;

function limitStatements(connection: RawConnection, timeout: number) {
  for (const name of ['query', 'execute'] as const) {
    const run = (connection[name] as unknown as Run).bind(connection);
    const limited: Run = (statement, ...rest) => {
      const options = typeof statement === 'string' ? { sql: statement } : statement;
      const done = rest.pop();
      const told = (error: { code?: string } | null, ...found: unknown[]) => {
        if (error?.code === 'PROTOCOL_SEQUENCE_TIMEOUT') connection.destroy();
        (done as (...args: unknown[]) => void)(error, ...found);
      };
      return run({ timeout, ...options }, ...rest, told);
    };
    Object.assign(connection, { [name]: limited });
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
