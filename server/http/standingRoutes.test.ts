import { request } from 'node:http';
import { createConnection } from 'mysql2/promise';
import { startServer, type TestServer } from '../testing';

let server: TestServer;
beforeAll(async () => {
  server = await startServer({ env: { STAND_MARK_LOG_REQUESTS: '1' } });
});
afterAll(() => server.stop());

const ask = async (path: string) => {
  const response = await fetch(`${server.origin}${path}`);
  return [response.status, await response.json()];
};

/** Asks by another name than the server goes by, as what watches it does. */
const byOtherName = (path: string) =>
  new Promise<number>((done) => {
    const { port } = new URL(server.origin);
    const headers = { host: 'node-3.inside' };
    request({ port, path, headers, host: '127.0.0.1' }, ({ statusCode = 0 }) =>
      done(statusCode),
    ).end();
  });

it('tells whether it runs, and whether it can answer, whoever asks and by whatever name', async () => {
  expect(await ask('/health')).toEqual([200, { running: true }]);
  expect(await ask('/ready')).toEqual([200, { ready: true }]);
  expect(await Promise.all(['/health', '/ready', '/api/session'].map(byOtherName))).toEqual([
    200, 200, 421,
  ]);
  const connection = await createConnection(server.databaseUrl);
  await connection.query('RENAME TABLE source_versions TO elsewhere');
  await new Promise((done) => setTimeout(done, 1100));
  expect(await ask('/ready')).toEqual([503, { ready: false }]);
  expect(await ask('/health')).toEqual([200, { running: true }]);
  await connection.query('RENAME TABLE elsewhere TO source_versions');
  await connection.end();
  await new Promise((done) => setTimeout(done, 1100));
  expect(await ask('/ready')).toEqual([200, { ready: true }]);
});

it('logs requests by an id that their answers carry, without what opens a link', async () => {
  const response = await fetch(`${server.origin}/api/links/secret-token/charts/1/frames?dials=x`);
  const id = response.headers.get('x-request-id') ?? '';
  expect(id).toMatch(/^[0-9a-f-]{36}$/);
  await response.text();
  await new Promise((done) => setTimeout(done, 100));
  const lines = server
    .output()
    .split('\n')
    .filter((line) => line.startsWith('{'));
  const entries = lines.map((line) => JSON.parse(line) as Record<string, unknown>);
  expect(entries.find((entry) => entry.request === id)).toMatchObject({
    level: 'info',
    event: 'request',
    method: 'GET',
    path: '/api/links/…/charts/1/frames',
    status: 404,
  });
  expect(server.output()).not.toContain('secret-token');
});
