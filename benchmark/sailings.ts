import { spawnSync } from 'node:child_process';
import { createReadStream, createWriteStream } from 'node:fs';
import { once } from 'node:events';
import { createConnection } from 'mysql2/promise';
import { formOf, type Understanding } from '../contract';
import type { TestPerson, TestServer } from '../server/testing';

/** The columns of made-up sailings: a date, two categories and five figures. */
export const sailingsHead = 'Day,Route,Vessel,Sailings,Passengers,Fares,Fuel,Late';

/** A row of them. @param perDay how many rows each day has */
export function sailingsRow(row: number, perDay: number): string {
  const day = new Date(Date.UTC(2018, 0, 1) + Math.floor(row / perDay) * 86_400_000);
  return [
    day.toISOString().slice(0, 10),
    `Route ${row % 8}`,
    `Vessel ${row % 13}`,
    row % 9,
    (row * 7) % 400,
    ((row * 37) % 100_000) / 100,
    ((row * 91) % 500_000) / 1000,
    ((row * 3) % 61) / 10,
  ].join(',');
}

/** Writes a file of so many lines below its head. */
export async function writeRows(
  path: string,
  head: string,
  rows: number,
  line: (row: number) => string,
): Promise<void> {
  const out = createWriteStream(path);
  let text = `${head}\n`;
  for (let row = 0; row < rows; row += 1) {
    text += `${line(row)}\n`;
    if (text.length < 1 << 20) continue;
    if (!out.write(text)) await once(out, 'drain');
    text = '';
  }
  out.end(text);
  await once(out, 'finish');
}

/** Sends a file, however large, and sees how it is understood. */
export async function understandFileAt(server: TestServer, person: TestPerson, path: string) {
  const response = await fetch(`${server.origin}/api/uploads?name=rows.csv`, {
    method: 'POST',
    headers: {
      'x-stand-mark': '1',
      'content-type': 'application/octet-stream',
      cookie: person.cookie,
    },
    body: createReadStream(path, { highWaterMark: 1 << 20 }) as unknown as BodyInit,
    duplex: 'half',
  } as RequestInit);
  const { id } = (await response.json()) as { id: string };
  const { understanding } = await lastStep<{ understanding: Understanding }>(
    person,
    `/uploads/${id}/understand`,
    {},
  );
  return { id, form: formOf(understanding) };
}

/** The last step of long work. @throws Error when it is a problem */
export async function lastStep<T>(person: TestPerson, path: string, body: unknown): Promise<T> {
  const last = (await person.steps(path, body)).body.at(-1);
  if (!last || last.kind === 'problem') throw new Error(JSON.stringify(last));
  return last as T;
}

/**
 * Loads a file into a table "loaded" by the database's own client.
 * @returns how long that took, in milliseconds
 */
export async function loadByClient(server: TestServer, path: string): Promise<number> {
  const connection = await createConnection(server.databaseUrl);
  try {
    await connection.query(
      'CREATE TABLE loaded (c0 DATE, c1 VARCHAR(12), c2 VARCHAR(12), c3 DECIMAL(1), c4 DECIMAL(3), c5 DECIMAL(6,2), c6 DECIMAL(6,3), c7 DECIMAL(2,1))',
    );
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
        `LOAD DATA LOCAL INFILE '${path}' INTO TABLE loaded FIELDS TERMINATED BY ',' IGNORE 1 LINES`,
      ],
      { encoding: 'utf8' },
    );
    if (ended.status !== 0) throw new Error(ended.stderr);
    return performance.now() - begun;
  } finally {
    await connection.end();
  }
}
