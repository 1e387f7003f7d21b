import { readFileSync } from 'node:fs';
import { startServer, TestPerson, type TestServer } from '../testing';
import { hostileFiles } from './hostile';

let server: TestServer;
let hostile: TestPerson;
let other: TestPerson;
const longest = 2;

beforeAll(async () => {
  server = await startServer({
    env: {
      STAND_MARK_UNDERSTAND_SECONDS: String(longest),
      STAND_MARK_UNDERSTAND_SECONDS_PER_MEGABYTE: '0',
      STAND_MARK_UPLOADS_KEPT: '2',
    },
  });
  hostile = await TestPerson.signedUp(server.origin, 'mallory');
  other = await TestPerson.signedUp(server.origin, 'maren');
});

afterAll(() => server.stop());

const files = hostileFiles();

it('knows sixty of them and more', () => {
  expect(files.length).toBeGreaterThanOrEqual(60);
});

it.each(files)('understands or refuses $how, and goes on', async ({ fileName, content }) => {
  const begun = Date.now();
  const { status, body } = await hostile.understand(content, {}, fileName);
  const taken = (Date.now() - begun) / 1000;
  expect([200, 422]).toContain(status);
  if (status === 422) {
    const problem = body as unknown as { code: string; detail: string };
    expect(problem.detail).toMatch(/^[A-ZÄÖÜ“][^\n]{15,}[.!]$/);
    expect(['internal', 'database-away']).not.toContain(problem.code);
  }
  // Its sending, a process to begin with, and its reading, however long others keep it waiting.
  expect(taken).toBeLessThan(longest * 10 + 8);
  expect((await hostile.send('GET', '/dashboards')).status).toBe(200);
});

it('refuses no file for what others take of the machine', async () => {
  await other.understand('Day,Fares\n2026-01-05,1\n');
  const readers = readersOf(server.pid);
  expect(readers).not.toEqual([]);
  for (const pid of readers) process.kill(pid, 'SIGSTOP');
  const asked = other.understand('Day,Fares\n2026-01-05,2\n');
  // By the clock its time would be over.
  await new Promise((done) => setTimeout(done, (longest + 1) * 1000));
  for (const pid of readers) process.kill(pid, 'SIGCONT');
  expect((await asked).status).toBe(200);
});

/** The processes of a server that read files. */
const readersOf = (server: number) =>
  readFileSync(`/proc/${server}/task/${server}/children`, 'latin1')
    .split(' ')
    .filter((pid) => pid && readFileSync(`/proc/${pid}/cmdline`, 'latin1').includes('fileReader'))
    .map(Number);

it('reads what others send while one person’s files take all that they can get', async () => {
  const slow = files
    .filter(({ how }) => /never closed|million letters|sheets$/.test(how))
    .slice(0, 3);
  const roomy = await startServer({ beside: server });
  const [taking, waiting] = [hostile.before(roomy.origin), other.before(roomy.origin)];
  const ids: string[] = [];
  for (const { content, fileName } of slow) ids.push(await taking.upload(content, fileName));
  const all = ids.map((id) => taking.steps(`/uploads/${id}/understand`, {}));
  const { status } = await waiting.understand('Day,Fares\n2026-01-05,1\n');
  expect(status).toBe(200);
  expect((await waiting.send('GET', '/sources')).status).toBe(200);
  await Promise.all(all);
  await roomy.stop();
});
