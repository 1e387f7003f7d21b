import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createConnection } from 'mysql2/promise';
import type { Changes } from '../contract';
import { draftChart } from '../core/editing';
import type { Aggregate } from '../core/frame';
import { startServer, TestPerson, type TestServer } from '../server/testing';
import { PeakMemory } from './peakMemory';
import type { Measured } from './report';
import {
  lastStep,
  loadByClient,
  sailingsHead,
  sailingsRow,
  understandFileAt,
  writeRows,
} from './sailings';

const rows = 2_000_000;
const perDay = 834;

/** Charts of two million rows against the database's own work on them, and a delivery of as many. */
export async function measureLarge(): Promise<Measured[]> {
  const folder = mkdtempSync(join(tmpdir(), 'stand-mark-bench-'));
  const env = { NODE_ENV: 'production', STAND_MARK_COLUMNS_FOLDER: join(folder, 'columns') };
  const server = await startServer({ env });
  try {
    const person = await TestPerson.signedUp(server.origin, 'bench');
    return [
      ...(await measureQuestions(server, person, join(folder, 'rows.csv'))),
      await measureComparison(server, person, folder),
    ];
  } finally {
    await server.stop();
    rmSync(folder, { recursive: true, force: true });
  }
}

const columns = [
  { name: 'Day', kind: 'date' as const },
  { name: 'Fares', kind: 'number' as const },
];

async function measureQuestions(server: TestServer, person: TestPerson, path: string) {
  await writeRows(path, sailingsHead, rows, (row) => sailingsRow(row, perDay));
  const { id, form } = await understandFileAt(server, person, path);
  const { sourceId } = await lastStep<{ sourceId: number }>(person, `/uploads/${id}/bring-in`, {
    name: 'Sailings',
    form,
  });
  await loadByClient(server, path);
  const connection = await createConnection(server.databaseUrl);
  const { chartId } = await person.board(sourceId);
  const asked = (aggregate: Aggregate, grain: string, split: string | null) => {
    const drafted = draftChart({ id: sourceId, columns });
    const series = drafted.series.map((each) => ({
      ...each,
      figures: { ...each.figures, aggregate },
      split: split && { column: split, order: [], coloured: [], colourBy: null, top: null },
    }));
    return { definition: { ...drafted, grain, series } };
  };
  const own = (...of: Parameters<typeof asked>) =>
    timed(async () => {
      const { status, body } = await person.send('POST', `/charts/${chartId}/frames`, asked(...of));
      if (status !== 200) throw new Error(JSON.stringify(body));
    });
  const peer = (sql: string) => timed(() => connection.query(sql));
  const month = `DATE_FORMAT(c0, '%Y-%m')`;
  try {
    const grouped = await peer(`SELECT ${month}, c1, SUM(c5) FROM loaded GROUP BY 1, 2`);
    const first = await own('sum', 'month', 'Route');
    const median = await own('median', 'month', null);
    const distinct = await own('distinct', 'month', null);
    // What it needs comes into memory once nobody has asked for a moment.
    await new Promise((done) => setTimeout(done, 5000));
    const again = await own('sum', 'quarter', 'Route');
    const distinctPeer = await peer(`SELECT ${month}, COUNT(DISTINCT c5) FROM loaded GROUP BY 1`);
    const medianPeer = await peer(
      `SELECT DISTINCT ${month}, MEDIAN(c5) OVER (PARTITION BY ${month}) FROM loaded`,
    );
    const line = (work: string, mine: number, theirs: number, what: string, atMost: number) => ({
      work: `${work} of two million rows`,
      own: `${mine.toFixed(0)} ms`,
      peer: `${what} (${theirs.toFixed(0)} ms)`,
      ratio: mine / theirs,
      limit: { atMost },
    });
    const grouping = "the database's own GROUP BY of the same rows";
    return [
      line('the first chart, by month and route,', first, grouped, grouping, 0.25),
      line('another grain', again, grouped, grouping, 0.04),
      line('the median by month', median, medianPeer, "the database's own", 0.01),
      line(
        'how many different figures by month',
        distinct,
        distinctPeer,
        "the database's own",
        0.15,
      ),
    ];
  } finally {
    await connection.end();
  }
}

/** A delivery of two million rows that are told apart by a receipt, held against as many. */
async function measureComparison(
  server: TestServer,
  person: TestPerson,
  folder: string,
): Promise<Measured> {
  const head = 'Day,Route,Receipt,Passengers,Fares';
  const line = (next: boolean) => (row: number) => {
    const [day, route, , , passengers, fares] = sailingsRow(row, perDay).split(',');
    const receipt = next && row % 1000 === 0 ? row + rows : row;
    return [day, route, `R${receipt}`, passengers, next && row % 100 === 1 ? -1 : fares].join(',');
  };
  const paths = ['before', 'after'].map((name) => join(folder, `${name}.csv`)) as [string, string];
  await writeRows(paths[0], head, rows, line(false));
  await writeRows(paths[1], head, rows, line(true));
  const before = await understandFileAt(server, person, paths[0]);
  const { sourceId } = await lastStep<{ sourceId: number }>(
    person,
    `/uploads/${before.id}/bring-in`,
    { name: 'Receipts', form: before.form },
  );
  const after = await understandFileAt(server, person, paths[1]);
  const memory = new PeakMemory(server);
  try {
    const begun = performance.now();
    const { changes } = await lastStep<{ changes: Changes }>(
      person,
      `/uploads/${after.id}/compare`,
      { sourceId, mode: 'update', keys: ['Receipt'], form: after.form },
    );
    const seconds = (performance.now() - begun) / 1000;
    const counts = [changes.added.count, changes.changed.count].join();
    if (counts !== `${rows / 1000},${rows / 100}`) throw new Error(`It found ${counts}.`);
    return {
      work: `memory of the server and its processes while a delivery of two million rows is compared by key, which takes ${seconds.toFixed(0)} s`,
      own: `${memory.server.toFixed(0)} MB`,
      peer: '1 GB',
      ratio: memory.server / 1024,
      limit: { atMost: 1 },
    };
  } finally {
    memory.end();
  }
}

async function timed(work: () => Promise<unknown>): Promise<number> {
  const begun = performance.now();
  await work();
  return performance.now() - begun;
}
