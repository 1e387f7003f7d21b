import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createConnection, type RowDataPacket } from 'mysql2/promise';
import { formOf } from '../contract';
import { startServer, TestPerson, type TestServer } from '../server/testing';
import { measureGrains } from './grains';
import type { Measured } from './report';
import { loadByClient, sailingsHead, sailingsRow } from './sailings';

const rows = 1_000_000;

/** A million rows of a date, two categories and five figures. */
const file = () =>
  [sailingsHead, ...Array.from({ length: rows }, (_, row) => sailingsRow(row, 350))].join('\n');

/** Storing a file, against the database's own client loading the same rows. */
export async function measureStoring(): Promise<Measured[]> {
  const folder = mkdtempSync(join(tmpdir(), 'stand-mark-bench-'));
  const server = await startServer({ env: { NODE_ENV: 'production' } });
  try {
    const person = await TestPerson.signedUp(server.origin, 'bench');
    const content = file();
    const uploadId = await person.upload(content);
    // The first answers are slower than all that follow.
    await slowest(person, 1500);
    const idle = await slowest(person, 4000);
    const { body } = await person.steps(`/uploads/${uploadId}/understand`, {});
    const last = body.at(-1);
    if (last?.kind !== 'understood') throw new Error(JSON.stringify(last));
    // As the page of deliveries does: what was understood so is not looked at again.
    const form = formOf(last.understanding);
    const before = memoryOf(server, 'VmRSS');
    const begun = performance.now();
    let stored = 0;
    const storing = person
      .steps(`/uploads/${uploadId}/bring-in`, { name: 'Bench', form })
      .then((answer) => {
        stored = performance.now() - begun;
        if (answer.body.at(-1)?.kind !== 'done') throw new Error(JSON.stringify(answer.body));
      });
    const busy = await slowest(person, 6000);
    await storing;
    const extra = memoryOf(server, 'VmHWM') - before;
    const path = join(folder, 'rows.csv');
    writeFileSync(path, `${content}\n`);
    const loaded = await loadByClient(server, path);
    const charts = await measureCharts(server, person);
    return [
      ...charts,
      {
        work: `storing ${rows.toLocaleString('en-GB')} rows of eight columns`,
        own: `${(stored / 1000).toFixed(1)} s`,
        peer: `LOAD DATA of the same rows by the database's client (${(loaded / 1000).toFixed(1)} s)`,
        ratio: stored / loaded,
        limit: { atMost: 1.3 },
      },
      {
        work: 'a small request while a file is stored, 99th percentile',
        own: `${busy.toFixed(1)} ms`,
        peer: `the same while nothing is done (${idle.toFixed(1)} ms)`,
        ratio: busy / idle,
        limit: { atMost: 2 },
      },
      {
        work: 'memory that the server takes for it at most',
        own: `${extra.toFixed(0)} MB`,
        peer: '400 MB',
        ratio: extra / 400,
        limit: { atMost: 1 },
      },
    ];
  } finally {
    await server.stop();
    rmSync(folder, { recursive: true, force: true });
  }
}

/** What a server's process holds in memory now (VmRSS), or has held at most (VmHWM), in megabytes. */
function memoryOf({ pid }: TestServer, what: 'VmRSS' | 'VmHWM'): number {
  const status = readFileSync(`/proc/${pid}/status`, 'utf8');
  return Number(new RegExp(`${what}:\\s+(\\d+)`).exec(status)?.[1]) / 1024;
}

/** The first chart of a source that nobody has drawn yet, and the next, against GROUP BY of the same. */
async function measureCharts(server: TestServer, person: TestPerson): Promise<Measured[]> {
  const connection = await createConnection(server.databaseUrl);
  try {
    const [sources] = await connection.query<RowDataPacket[]>('SELECT id FROM sources');
    const [{ id } = { id: 0 }] = sources;
    const { definition, chartId } = await person.board(Number(id));
    const [series] = definition.series;
    const asked = (grain: string) => ({
      definition: {
        ...definition,
        grain,
        series: [
          {
            ...series,
            split: { column: 'Route', order: [] },
          },
        ],
      },
    });
    const draw = (grain: string) =>
      timed(() => person.send('POST', `/charts/${chartId}/frames`, asked(grain)));
    const grouped = await timed(() =>
      connection.query(`SELECT DATE_FORMAT(c0, '%Y-%m'), c1, SUM(c5) FROM loaded GROUP BY 1, 2`),
    );
    const cold = await draw('month');
    // What it needs comes into memory once nobody has asked for a moment.
    await new Promise((done) => setTimeout(done, 4000));
    const warm = await draw('quarter');
    const peer = `the database's own GROUP BY of the same rows (${grouped.toFixed(0)} ms)`;
    return [
      {
        work: 'the first chart of a million rows, by month and route',
        own: `${cold.toFixed(0)} ms`,
        peer,
        ratio: cold / grouped,
        limit: { atMost: 0.25 },
      },
      {
        work: 'another grain of it',
        own: `${warm.toFixed(0)} ms`,
        peer,
        ratio: warm / grouped,
        limit: { atMost: 0.04 },
      },
      await measureGrains(server, person, Number(id)),
    ];
  } finally {
    await connection.end();
  }
}

async function timed(work: () => Promise<unknown>): Promise<number> {
  const begun = performance.now();
  await work();
  return performance.now() - begun;
}

/** The 99th percentile of a small request, asked again and again for a while, in milliseconds. */
async function slowest(person: TestPerson, forMilliseconds: number): Promise<number> {
  const times: number[] = [];
  const end = performance.now() + forMilliseconds;
  while (performance.now() < end) {
    const begun = performance.now();
    await person.send('GET', '/session');
    times.push(performance.now() - begun);
    await new Promise((done) => setTimeout(done, 10));
  }
  return times.sort((a, b) => a - b)[Math.floor(times.length * 0.99)] ?? 0;
}
