import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createConnection, type RowDataPacket } from 'mysql2/promise';
import { startServer, TestPerson, type TestServer } from '../server/testing';
import { measureGrains } from './grains';
import type { Measured } from './report';

const rows = 1_000_000;

/** A million rows of a date, two categories and five figures. */
function file(): string {
  const lines = ['Day,Route,Vessel,Sailings,Passengers,Fares,Fuel,Late'];
  for (let row = 0; row < rows; row += 1) {
    const day = new Date(Date.UTC(2018, 0, 1) + Math.floor(row / 350) * 86_400_000);
    lines.push(
      [
        day.toISOString().slice(0, 10),
        `Route ${row % 8}`,
        `Vessel ${row % 13}`,
        row % 9,
        (row * 7) % 400,
        ((row * 37) % 100_000) / 100,
        ((row * 91) % 500_000) / 1000,
        ((row * 3) % 61) / 10,
      ].join(','),
    );
  }
  return lines.join('\n');
}

/** Storing a file, against the database's own client loading the same rows into the same table. */
export async function measureStoring(): Promise<Measured[]> {
  const server = await startServer();
  try {
    const person = await TestPerson.signedUp(server.origin, 'bench');
    const uploadId = await person.upload(file());
    // The first answers are slower than all that follow.
    await slowest(person, 1500);
    const idle = await slowest(person, 4000);
    const { body } = await person.steps(`/uploads/${uploadId}/understand`, {});
    const last = body.at(-1);
    if (last?.kind !== 'understood') throw new Error(JSON.stringify(last));
    const { file: choices, decimalMark, zone, steps, columns } = last.understanding;
    const form = { file: choices, decimalMark, zone, steps, columns };
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
    const charts = await measureCharts(server, person);
    const loaded = await loadByClient(server);
    return [
      ...charts,
      {
        work: `storing ${rows.toLocaleString('en-GB')} rows of eight columns`,
        own: `${(stored / 1000).toFixed(1)} s`,
        peer: `LOAD DATA of the same rows by the database's client (${(loaded / 1000).toFixed(1)} s)`,
        ratio: stored / loaded,
        limit: { atMost: 2 },
      },
      {
        work: 'a small request while a file is stored, 99th percentile',
        own: `${busy.toFixed(1)} ms`,
        peer: `the same while nothing is done (${idle.toFixed(1)} ms)`,
        ratio: busy / idle,
        limit: { atMost: 3 },
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
    const [sources] = await connection.query<RowDataPacket[]>('SELECT id, version_id FROM sources');
    const [{ id, version_id: version } = { id: 0, version_id: 0 }] = sources;
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
      connection.query(
        `SELECT DATE_FORMAT(c0, '%Y-%m'), c1, SUM(c5) FROM facts_${version} GROUP BY 1, 2`,
      ),
    );
    const cold = await draw('month');
    const warm = await draw('quarter');
    const peer = `the database's own GROUP BY of the same rows (${grouped.toFixed(0)} ms)`;
    return [
      {
        work: 'the first chart of a million rows, by month and route',
        own: `${cold.toFixed(0)} ms`,
        peer,
        ratio: cold / grouped,
        limit: { atMost: 1 },
      },
      {
        work: 'another grain of it',
        own: `${warm.toFixed(0)} ms`,
        peer,
        ratio: warm / grouped,
        limit: { atMost: 0.02 },
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

/** Loads the stored rows into a table like theirs by the database's own client. */
async function loadByClient(server: TestServer): Promise<number> {
  const connection = await createConnection(server.databaseUrl);
  const folder = mkdtempSync(join(tmpdir(), 'stand-mark-bench-'));
  try {
    const [versions] = await connection.query<RowDataPacket[]>('SELECT id FROM source_versions');
    const table = `facts_${versions[0]?.id}`;
    await connection.query(`CREATE TABLE loaded LIKE ${table}`);
    const [all] = await connection.query<RowDataPacket[][]>({
      sql: `SELECT * FROM ${table}`,
      rowsAsArray: true,
      dateStrings: true,
    });
    const lines = all.map((row) => row.map((cell) => cell ?? '\\N').join('\t'));
    const path = join(folder, 'rows.tsv');
    writeFileSync(path, `${lines.join('\n')}\n`);
    const { hostname, port, username, password, pathname } = new URL(server.databaseUrl);
    const begun = performance.now();
    const ended = spawnSync(
      'mariadb',
      [
        '--no-defaults',
        '--local-infile=1',
        `--host=${hostname}`,
        `--port=${port}`,
        `--user=${username}`,
        `--password=${password}`,
        pathname.slice(1),
        '-e',
        `LOAD DATA LOCAL INFILE '${path}' INTO TABLE loaded`,
      ],
      { encoding: 'utf8' },
    );
    if (ended.status !== 0) throw new Error(ended.stderr);
    return performance.now() - begun;
  } finally {
    await connection.end();
    rmSync(folder, { recursive: true, force: true });
  }
}
