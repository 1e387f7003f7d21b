import { spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { createConnection } from 'mysql2/promise';
import { makeDatabase, runProgram } from '../testing';

const folder = 'server/database/migrations';
const statements = readdirSync(folder)
  .filter((name) => name.endsWith('.sql'))
  .flatMap((name) => readFileSync(`${folder}/${name}`, 'utf8').split('--> statement-breakpoint'));

/** Counts the rows of each table, those of all versions together. */
async function rowsIn(url: string): Promise<Record<string, number>> {
  const connection = await createConnection({ uri: url, rowsAsArray: true });
  const [tables] = (await connection.query('SHOW TABLES')) as unknown as [string[][]];
  const counts: Record<string, number> = {};
  for (const [table = ''] of tables) {
    // A lease that has lapsed holds nothing: its row goes an hour later.
    const held = table === 'leases' ? ' WHERE expires_at > UTC_TIMESTAMP(3)' : '';
    const [rows] = (await connection.query(`SELECT COUNT(*) FROM ??${held}`, [
      table,
    ])) as unknown as [number[][]];
    // A version that was killed half stored leaves its number behind.
    const name = table.replace(/^(facts|words)_\d+$/, '$1');
    counts[name] = (counts[name] ?? 0) + (rows[0]?.[0] ?? 0);
  }
  await connection.end();
  return counts;
}

it.each([1, Math.floor(statements.length / 2), statements.length - 1])(
  'takes a migration up again that was killed after %i statements',
  async (done) => {
    const { url, drop } = await makeDatabase();
    const connection = await createConnection(url);
    for (const statement of statements.slice(0, done)) await connection.query(statement);
    await connection.end();
    runProgram('migrate', url);
    runProgram('migrate', url);
    expect(Object.keys(await rowsIn(url))).toContain('notes');
    await drop();
  },
);

it('brings along what was stored before: links go on working, and lists find their charts', async () => {
  const { url, drop } = await makeDatabase();
  const connection = await createConnection(url);
  const before = statements.findIndex((statement) => statement.includes('chart_sources'));
  for (const statement of statements.slice(0, before)) await connection.query(statement);
  const token = 'x'.repeat(32);
  await connection.query('INSERT INTO links VALUES (1, 7, ?, NOW())', [token]);
  await connection.query("INSERT INTO access VALUES (7, 3, 'editor')");
  const definition = {
    series: [{ figures: { kind: 'rows', sourceId: 5 } }, { figures: { kind: 'formula' } }],
    yardsticks: [{ kind: 'recorded', sourceId: 6 }, { kind: 'line' }],
  };
  await connection.query(
    'INSERT INTO charts (id, dashboard_id, definition, revision) VALUES (2, 7, ?, 1)',
    [JSON.stringify(definition)],
  );
  // Killed on its way, and begun again.
  for (const statement of statements.slice(before, -1)) await connection.query(statement);
  runProgram('migrate', url);
  const kept = async (sql: string) => (await connection.query(sql))[0];
  expect(await kept('SELECT token FROM links')).toEqual([
    { token: createHash('sha256').update(token).digest('hex') },
  ]);
  expect(await kept('SELECT chart_id AS c, source_id AS s FROM chart_sources')).toEqual([
    { c: 2, s: 5 },
    { c: 2, s: 6 },
  ]);
  expect(await kept('SELECT given_at IS NULL AS unknown FROM access')).toEqual([{ unknown: 0 }]);
  await connection.end();
  await drop();
});

it('fills the demo in once, however often and wherever the filling is killed', async () => {
  const env = { STAND_MARK_TODAY: '2026-11-23' };
  const whole = await makeDatabase();
  runProgram('migrate', whole.url);
  runProgram('fillDemo', whole.url, env);
  const wanted = await rowsIn(whole.url);
  await whole.drop();
  const { url, drop } = await makeDatabase();
  runProgram('migrate', url);
  for (const delay of [450, 650, 850, 1100]) {
    const child = spawn(process.execPath, ['dist/server/fillDemo.js'], {
      env: { ...process.env, ...env, STAND_MARK_LEASE_SECONDS: '1', DATABASE_URL: url },
    });
    const ended = new Promise((done) => child.once('close', done));
    await new Promise((done) => setTimeout(done, delay));
    child.kill('SIGKILL');
    await ended;
  }
  // The lease of a fill that was killed runs out before it is swept.
  await new Promise((done) => setTimeout(done, 1500));
  runProgram('fillDemo', url, env);
  runProgram('fillDemo', url, env);
  expect(await rowsIn(url)).toEqual(wanted);
  await drop();
});
