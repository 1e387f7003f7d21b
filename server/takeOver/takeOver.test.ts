import { spawn } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { setTimeout as wait } from 'node:timers/promises';
import { gunzipSync } from 'node:zlib';
import { drizzle } from 'drizzle-orm/mysql2';
import { type Connection, createConnection } from 'mysql2/promise';
import { type Database, tables } from '../database';
import { readRows } from '../sources';
import { makeDatabase } from '../testing';
import { oldRows, oldTables } from './oldTables';

/*
 * An installation of before, written out as SQL: sources of every kind of column, replaced, appended to,
 * with blanks, signs beyond Latin, many decimals, years before 1970, and a version that nobody uses any
 * more.
 */
const before = gunzipSync(readFileSync('server/takeOver/before.sql.gz')).toString();

let url: string;
let drop: () => Promise<void>;
let connection: Connection;
let database: Database;

beforeAll(async () => {
  ({ url, drop } = await makeDatabase());
  connection = await createConnection({ uri: url, jsonStrings: true, multipleStatements: true });
  await connection.query(before);
  database = Object.assign(drizzle(connection, { schema: tables, mode: 'default' }), {
    $client: connection,
  }) as unknown as Database;
});

afterAll(async () => {
  await connection.end();
  await drop();
});

/**
 * Takes over, and is killed after so many milliseconds. Who is to end it has a longer lease, which a busy
 * machine does not lose.
 * @returns how it ended
 */
async function takenOver(killedAfter?: number): Promise<number | null> {
  const program = spawn(process.execPath, ['dist/server/migrate.js'], {
    env: { ...process.env, STAND_MARK_LEASE_SECONDS: killedAfter ? '1' : '10', DATABASE_URL: url },
    stdio: ['ignore', 'ignore', 'inherit'],
  });
  const ended = new Promise<number | null>((done) => program.once('close', done));
  const killed = wait(killedAfter ?? 90_000, undefined, { ref: false }).then(() =>
    program.kill('SIGKILL'),
  );
  return Promise.race([ended, killed.then(() => ended)]);
}

const all = async <Row>(batches: AsyncGenerator<Row[]>): Promise<Row[]> => {
  const rows: Row[] = [];
  for await (const batch of batches) rows.push(...batch);
  return rows;
};

it('takes everything over without loss, also when it is killed again and again', async () => {
  const kept = await oldTables(database);
  // The tables have to be brought up to date first, which can be killed too.
  const longest = 900;
  for (let kill = 0; kill < 10; kill += 1)
    await takenOver(Math.round((longest * (kill + Math.random())) / 10));
  expect(await takenOver()).toBe(0);
  const versions = await database.select().from(tables.sourceVersions);
  expect(versions.length).toBeGreaterThan(5);
  for (const { id, rows, columns, pieces, preview, format } of versions) {
    expect(format).toBe(1);
    const wanted = await all(oldRows(database, { id, rows, columns: columns.map(asCoded) }));
    const version = { versionId: id, rows, columns, pieces: pieces ?? [] };
    expect(await all(readRows(database, version))).toEqual(wanted);
    expect(wanted).toHaveLength(rows);
    expect(preview).toHaveLength(Math.min(8, rows));
  }
  // What stood in tables stays there until somebody says otherwise.
  expect(await oldTables(database)).toEqual(kept);
  const parts = await database
    .select({ id: tables.versionParts.versionId })
    .from(tables.versionParts);
  expect(parts).toHaveLength(
    versions.reduce((sum, { pieces }) => sum + (pieces?.[0]?.parts ?? 0), 0),
  );
});

/** Words were kept as codes, in a table of their own. */
const asCoded = (column: (typeof tables.sourceVersions.$inferSelect)['columns'][number]) => ({
  ...column,
  coded: column.kind === 'text',
});
