import { spawn } from 'node:child_process';
import { createConnection } from 'mysql2/promise';
import type { BringInStep, SourceDetail } from '../contract';
import { makeDatabase, type TestPerson, type TestServer } from '../server/testing';
import {
  allTogether,
  first,
  notesOn,
  pause,
  tell,
  twoServers,
  until,
  wide,
  written,
} from './ground';
import { writeOn } from './load';
import { killNode } from './setup/node.mjs';

/*
 * The node that is written is killed, and comes back by itself, while two servers work on.
 */
const leaseSeconds = 3;
const env = { ...wide, STAND_MARK_LEASE_SECONDS: String(leaseSeconds) };

let here: TestServer;
let there: TestServer;
let maren: TestPerson;
let marenThere: TestPerson;

beforeAll(async () => {
  ({ here, there, maren, marenThere } = await twoServers(env));
});

afterAll(async () => {
  await there.stop();
  await here.stop();
});

it('writes again within ten seconds, and has all that was acknowledged, each of ten times', async () => {
  const board = await maren.board(await maren.source('Day,Fares\n2026-01-05,1\n'));
  for (let round = 0; round < 10; round += 1) {
    await allTogether();
    const before = await notesOn(maren, board.dashboardId);
    const { clients, stop } = writeOn([maren, marenThere], board.chartId, 4);
    await pause(1000 + Math.random() * 1000);
    const killed = Date.now();
    killNode(written());
    await until(() => clients.every(({ lastKept }) => lastKept > killed + 1000), 30);
    const took = Date.now() - killed;
    await allTogether();
    await stop();
    tell(
      `killed: written again after ${took} ms; told that it is away, by client: ${clients.map(({ away }) => away).join(' ')}`,
    );
    expect(clients.flatMap(({ unforeseen }) => unforeseen)).toEqual([]);
    const there = new Set(await notesOn(marenThere, board.dashboardId));
    const acknowledged = [...before, ...clients.flatMap(({ kept }) => kept)];
    expect(acknowledged.filter((text) => !there.has(text))).toEqual([]);
    for (const { away } of clients) expect(away).toBeLessThanOrEqual(2);
    expect(took).toBeLessThan(10_000);
  }
}, 900_000);

const last = (steps: BringInStep[]) => steps.at(-1) as BringInStep;

it('stores a delivery whole or not at all, in the middle of which the node is killed', async () => {
  const csv = [
    'Day,Route,Fares',
    ...Array.from({ length: 300_000 }, (_, row) => `2026-01-05,Route ${row % 7},${row}`),
  ].join('\n');
  for (const delay of [300, 1000]) {
    await allTogether();
    const sourceId = await maren.source('Day,Route,Fares\n2026-01-05,North,1\n');
    const uploadId = await maren.upload(csv, 'long.csv');
    const path = `/uploads/${uploadId}/bring-in`;
    const bringing = maren.steps(path, { sourceId, form: {} });
    await pause(delay);
    killNode(written());
    const killed = Date.now();
    const end = last((await bringing).body);
    tell(`killed ${delay} ms into a delivery: ${end.kind} after ${Date.now() - killed} ms`);
    // Nobody waits without an end for what the node had in hand.
    expect(Date.now() - killed).toBeLessThan(60_000);
    if (end.kind !== 'done') {
      // The lease of what was cut off lapses, and the same file can be brought in.
      await pause(leaseSeconds * 1000);
      await until(
        async () =>
          last((await marenThere.steps(path, { sourceId, form: {} })).body).kind === 'done',
        60,
      );
    }
    const { body } = await marenThere.send<SourceDetail>('GET', `/sources/${sourceId}`);
    expect(body.rows).toBe(300_000);
    await until(async () => (await unfinished(here.databaseUrl)) === 0, 30);
  }
}, 600_000);

async function unfinished(url: string): Promise<number> {
  const connection = await createConnection(url);
  const [rows] = await connection.query(
    'SELECT COUNT(*) AS n FROM source_versions WHERE ready = 0',
  );
  await connection.end();
  return (rows as { n: number }[])[0]?.n ?? 0;
}

it('takes a migration up again in the middle of which the node was killed', async () => {
  const migrate = (url: string) => {
    const program = spawn(process.execPath, ['dist/server/migrate.js'], {
      env: { ...process.env, DATABASE_URL: url },
      stdio: 'ignore',
    });
    return new Promise<number | null>((done) => program.once('close', done));
  };
  for (const delay of [500, 1000]) {
    await allTogether();
    const { url, drop } = await makeDatabase();
    const migrating = migrate(url);
    await pause(delay);
    killNode(written());
    tell(`killed ${delay} ms into a migration: it ended with ${await migrating}`);
    await until(async () => (await migrate(url)) === 0, 30);
    const connection = await createConnection(url);
    const [rows] = await connection.query('SHOW TABLES');
    expect((rows as unknown[]).length).toBeGreaterThan(15);
    await connection.end();
    await drop();
  }
  await allTogether();
  expect(written()).toBe(first);
}, 300_000);
