import { readdirSync, readFileSync } from 'node:fs';
import { get } from 'node:http';
import { startServer, type TestServer } from '../testing';

let server: TestServer;

beforeAll(async () => {
  server = await startServer();
});

afterAll(() => server.stop());

/** Asks as a browser does, without unpacking the answer. */
function ask(path: string, encoding = 'identity') {
  return new Promise<{ status?: number; headers: NodeJS.Dict<string | string[]>; bytes: number }>(
    (resolve) => {
      get(`${server.origin}${path}`, { headers: { 'accept-encoding': encoding } }, (response) => {
        let bytes = 0;
        response.on('data', (data: Buffer) => (bytes += data.length));
        response.on('end', () =>
          resolve({ status: response.statusCode, headers: response.headers, bytes }),
        );
      });
    },
  );
}

const assets = readdirSync('dist/web/assets');
const scripts = assets.filter((name) => name.endsWith('.js'));

it.each(['gzip', 'br'])('sends scripts packed by %s, to be kept for good', async (encoding) => {
  const [library] = scripts.filter((name) => name.includes('plotly'));
  const plain = await ask(`/assets/${library}`);
  const packed = await ask(`/assets/${library}`, encoding);
  expect(packed.headers['content-encoding']).toBe(encoding);
  expect(packed.bytes).toBeLessThan(plain.bytes / 2);
  expect(packed.headers['cache-control']).toContain('immutable');
});

it('sends the page for every address but a file that is not there', async () => {
  expect((await ask('/dashboards/12/charts/3')).headers['content-type']).toContain('text/html');
  expect((await ask('/assets/gone-12345678.js')).status).toBe(404);
});

it.each([
  ['/dashboards/12', ['/api/session', '/api/dashboards/12']],
  ['/shared/a-token_1', ['/api/links/a-token_1']],
  ['/dashboards/1x', []],
  ['/sources', []],
])('announces with %s what it will ask for first', async (path, data) => {
  const links = String((await ask(path)).headers.link ?? '');
  expect([...links.matchAll(/<([^>]+)>/g)].map(([, address]) => address)).toEqual(data);
});

it('loads no control library for those who only read', () => {
  const first = scripts.filter((name) => name.startsWith('main-'));
  expect(first).toHaveLength(1);
  const page = readFileSync(`dist/web/assets/${first[0]}`, 'utf8');
  expect(page).toContain('Nothing is laid on this dashboard yet');
  expect(page).not.toContain('prefixCls');
  expect(
    scripts.some((name) => readFileSync(`dist/web/assets/${name}`).includes('prefixCls')),
  ).toBe(true);
});
