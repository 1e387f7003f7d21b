import { createConnection } from 'mysql2/promise';
import type { Chart } from '../../contract';
import { startServer, TestPerson, type TestServer } from '../testing';

const env = { STAND_MARK_LEASE_SECONDS: '1' };
let server: TestServer;
/** clears away what is left, and brings nothing in: on a busy machine a lease of a second is lost */
let sweeper: TestServer;
let person: TestPerson;

beforeAll(async () => {
  server = await startServer();
  sweeper = await startServer({ beside: server, env });
  person = await TestPerson.signedUp(server.origin, 'maren');
});

afterAll(async () => {
  await sweeper.stop();
  await server.stop();
});

async function query<Row>(sql: string, values: unknown[] = []): Promise<Row[]> {
  const connection = await createConnection(server.databaseUrl);
  const [rows] = await connection.query(sql, values);
  await connection.end();
  return rows as Row[];
}

const unfinished = () =>
  query<{ id: number }>('SELECT id FROM source_versions WHERE ready = 0').then((rows) =>
    rows.map(({ id }) => id),
  );

const partsOf = (id: number) => query('SELECT place FROM version_parts WHERE version_id = ?', [id]);

let leftVersions = 1000;

/**
 * A version as a killed bring-in leaves it: its row, its rows, and a lease that nobody renews; all at
 * once, since the server's sweep may look in between.
 */
async function leftVersion(leaseSeconds: number): Promise<number> {
  const id = leftVersions++;
  const connection = await createConnection(server.databaseUrl);
  await connection.beginTransaction();
  await connection.query(
    "INSERT INTO version_parts VALUES (?, 0, 0, 'x', 1, 'x'), (?, 0, 1, 'y', 1, 'y')",
    [id, id],
  );
  await connection.query(
    "INSERT INTO source_versions (id, source_id, file_name, `rows`, columns, form, ready, created_at) VALUES (?, 0, 'x', 1, '[]', '{}', 0, NOW())",
    [id],
  );
  await connection.query(
    "INSERT INTO leases VALUES ('version', ?, 0, 'gone', UTC_TIMESTAMP(3) + INTERVAL ? SECOND)",
    [id, leaseSeconds],
  );
  await connection.commit();
  await connection.end();
  return id;
}

async function until(holds: () => Promise<boolean>) {
  for (let i = 0; i < 300 && !(await holds()); i += 1)
    await new Promise((done) => setTimeout(done, 100));
  expect(await holds()).toBe(true);
}

it('sweeps what a killed bring-in left once its lease has lapsed, and never before', async () => {
  const [lapsed, held] = [await leftVersion(3600), await leftVersion(3600)];
  const beside = await startServer({ beside: server, env });
  // Several sweeps, the one at the start of a server among them.
  await new Promise((done) => setTimeout(done, 2500));
  expect(await unfinished()).toEqual([lapsed, held]);
  await query(
    "UPDATE leases SET expires_at = UTC_TIMESTAMP(3) WHERE kind = 'version' AND subject = ?",
    [lapsed],
  );
  await until(async () => !(await unfinished()).includes(lapsed));
  expect(await partsOf(lapsed)).toEqual([]);
  expect(await unfinished()).toEqual([held]);
  expect(await partsOf(held)).toHaveLength(2);
  await beside.stop();
});

it('tries again while the database is still at what is to be swept', async () => {
  const version = await leftVersion(0);
  // Locks hold on one node of a cluster alone.
  const connection = await createConnection(sweeper.databaseUrl);
  await connection.beginTransaction();
  await connection.query('SELECT * FROM version_parts WHERE version_id = ? FOR UPDATE', [version]);
  await new Promise((done) => setTimeout(done, 2500));
  expect(await unfinished()).toContain(version);
  await connection.end();
  await until(async () => !(await unfinished()).includes(version));
});

it('keeps a version that is coming in for longer than a lease lasts, beside another server', async () => {
  // Longer than a busy machine may keep a process from renewing it, and shorter than the delivery.
  const longer = { STAND_MARK_LEASE_SECONDS: '5' };
  const bringing = await startServer({ beside: server, env: longer });
  const beside = await startServer({ beside: server, env: longer });
  const rows = Array.from({ length: 300_000 }, (_, row) => `2026-01-05,${row},w${row}`);
  const steps = await person
    .before(bringing.origin)
    .bringIn(['Day,Fares,Word', ...rows].join('\n'), { name: 'Long' });
  expect(steps.at(-1)).toMatchObject({ kind: 'done' });
  const [sources] = await query<{ versionId: number }>(
    'SELECT version_id AS versionId FROM sources ORDER BY id DESC',
  );
  const [version] = await query<{ rows: number }>(
    'SELECT `rows` FROM source_versions WHERE id = ? AND ready = 1',
    [sources?.versionId],
  );
  expect(version?.rows).toBe(300_000);
  expect(await partsOf(sources?.versionId ?? 0)).not.toEqual([]);
  await Promise.all([bringing.stop(), beside.stop()]);
});

it('lets a source be removed, or a chart be made from it, but never both', async () => {
  for (let round = 0; round < 8; round += 1) {
    const sourceId = await person.source('Day,Fares\n2026-01-05,1\n');
    const { dashboardId, chartId, definition } = await person.board(sourceId);
    await person.send('DELETE', `/charts/${chartId}`);
    const [made, removed] = await Promise.all([
      person.send<Chart>('POST', `/dashboards/${dashboardId}/charts`, { definition }),
      person.send('DELETE', `/sources/${sourceId}`),
    ]);
    expect([
      [201, 422],
      [404, 200],
    ]).toContainEqual([made.status, removed.status]);
  }
});
