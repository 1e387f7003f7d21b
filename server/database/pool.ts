import type { Connection as RawConnection } from 'mysql2';
import { createPool, type Pool, type PoolConnection, type QueryOptions } from 'mysql2/promise';
import { DatabaseAway, isConnectionLost } from './failures';
import { whileMet } from './whileMet';

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
      const found = () =>
        run().catch((error: unknown) => {
          if (isConnectionLost(error) && onlyReads(statement[0])) return run();
          throw error;
        });
      // What met another was taken back whole: a statement is a transaction of its own here.
      return whileMet(found);
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
