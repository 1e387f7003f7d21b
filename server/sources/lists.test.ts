import { createConnection, type Connection } from 'mysql2/promise';
import { drizzle } from 'drizzle-orm/mysql2';
import { tables, type Database } from '../database';
import { startServer, TestPerson, type TestServer } from '../testing';
import { listSources, requireSource } from './index';

let server: TestServer;
let maren: TestPerson;
let connection: Connection;
let sourceId: number;

beforeAll(async () => {
  server = await startServer();
  maren = await TestPerson.signedUp(server.origin, 'maren');
  sourceId = await maren.source('Day,Fares\n2026-01-05,1\n');
  await maren.board(sourceId);
  connection = await createConnection({ uri: server.databaseUrl, jsonStrings: true });
});

afterAll(async () => {
  await connection.end();
  await server.stop();
});

/** How many rows of tables and indexes a question reads. */
async function rowsRead(ask: (database: Database) => Promise<unknown>): Promise<number> {
  const database = drizzle(connection, { schema: tables, mode: 'default' }) as unknown as Database;
  const counted = async () => {
    const [rows] = await connection.query("SHOW SESSION STATUS LIKE 'Handler_read%'");
    return (rows as { Value: string }[]).reduce((sum, { Value }) => sum + Number(Value), 0);
  };
  const before = await counted();
  await ask(database);
  return (await counted()) - before;
}

it('reads no more for one person’s list of sources however many others there are', async () => {
  const person = { id: 1, name: 'maren', email: 'maren@isles.example' };
  const page = { limit: 200, offset: 0 };
  const asked = () =>
    rowsRead(async (database) => {
      await listSources(database, person, page);
      await requireSource(database, person, sourceId);
    });
  const before = await asked();
  const [rows] = await connection.query('SELECT * FROM source_versions LIMIT 1');
  const [version] = rows as { id: number }[];
  for (let other = 0; other < 400; other += 1)
    await connection.query(
      'INSERT INTO sources (owner_id, name, version_id, created_at) VALUES (77, ?, ?, NOW())',
      [`Other ${other}`, version?.id],
    );
  await connection.query('ANALYZE TABLE sources');
  expect(await asked()).toBeLessThanOrEqual(before + 20);
});

it('gives lists page by page', async () => {
  const values = Array.from({ length: 230 }, (_, place) => `(1, 'Own ${place}', 1, NOW())`);
  await connection.query(
    `INSERT INTO sources (owner_id, name, version_id, created_at) VALUES ${values.join(', ')}`,
  );
  const page = async (number: number) =>
    (await maren.send<{ name: string }[]>('GET', `/sources?page=${number}`)).body;
  const [first, second, third] = [await page(1), await page(2), await page(3)];
  expect([first.length, second.length, third.length]).toEqual([200, 31, 0]);
  expect(first[0]?.name).toBe('Own 229');
  expect((await maren.send('GET', '/sources?page=x')).status).toBe(400);
});
