import { createConnection } from 'mysql2/promise';
import iconv from 'iconv-lite';
import type { ChartFrames, SourceDetail, Underway } from '../../contract';
import { startServer, TestPerson, type TestServer } from '../testing';

let server: TestServer;
let person: TestPerson;

beforeAll(async () => {
  server = await startServer();
  person = await TestPerson.signedUp(server.origin, 'maren');
});

afterAll(() => server.stop());

const german = [
  'Tag;Linie;Erlös',
  '01.02.2026;Süd;1.234,50',
  '02.02.2026;Nord;',
  '03.02.2026;Nord;k.A.',
];
const lines = (text: string[]) => text.join('\r\n');

/** The parts and rows that a bring-in could have left. */
async function traces() {
  const connection = await createConnection(server.databaseUrl);
  const [parts] = await connection.query('SELECT place FROM version_parts');
  const [versions] = await connection.query('SELECT id FROM source_versions');
  const [sources] = await connection.query('SELECT id FROM sources');
  await connection.end();
  return [parts, versions, sources].map((rows) => (rows as unknown[]).length);
}

it.each([
  ['utf-8', Buffer.from(lines(german))],
  ['utf-8', Buffer.from(`\ufeff${lines(german)}`)],
  ['utf-16le', iconv.encode(`\ufeff${lines(german)}`, 'utf-16le')],
  ['utf-16be', iconv.encode(`\ufeff${lines(german)}`, 'utf-16be')],
  ['windows-1252', iconv.encode(lines(german), 'windows-1252')],
] as const)('recognises a file in %s', async (encoding, content) => {
  const { status, body } = await person.understand(content);
  expect(status).toBe(200);
  expect(body).toMatchObject({ file: { encoding, delimiter: ';' }, decimalMark: ',', rows: 3 });
  expect(body.columns).toEqual([
    { name: 'Tag', kind: 'date', datePattern: 'DD.MM.YYYY' },
    { name: 'Linie', kind: 'text', datePattern: null },
    { name: 'Erlös', kind: 'text', datePattern: null },
  ]);
});

it('lists what does not fit a column with its row, once the column is said to hold figures', async () => {
  const rows = Array.from(
    { length: 20 },
    (_, day) => `${String(day + 1).padStart(2, '0')}.02.2026;Nord;${day},5`,
  );
  const { body } = await person.understand(
    lines([...german.slice(0, 1), ...rows, '21.02.2026;Nord;k.A.', '31.02.2026;Nord;1,0']),
  );
  expect(body.columns?.[2]?.kind).toBe('number');
  expect(body.doubtful).toEqual([
    { row: 22, column: 'Erlös', text: 'k.A.' },
    { row: 23, column: 'Tag', text: '31.02.2026' },
  ]);
});

it.each([
  ['an unclosed quotation', 'Day,Fares\n2026-01-01,"1\n2026-01-02,2\n', /quotation mark/],
  ['days that can be read two ways', 'Day,Fares\n01/02/2026,1\n', /01\/02\/2026. Say which/],
  ['no rows', 'Day,Fares\n', /no rows/],
  ['no text', new Uint8Array([80, 75, 3, 4, 0, 0, 1, 0, 0, 7]), /workbook cannot be read/],
])('leaves nothing behind of a file with %s', async (_, content, sentence) => {
  const before = await traces();
  const steps = await person.bringIn(content, { name: 'Broken' });
  expect(steps.at(-1)).toMatchObject({
    kind: 'problem',
    detail: expect.stringMatching(sentence) as string,
  });
  expect(await traces()).toEqual(before);
});

it('keeps the latest few uploads of a person, whatever their names', async () => {
  const names = ['100%.csv', '../../etc.csv', 'ü.csv', 'd.csv', 'e.csv', 'f.csv', 'g.csv'];
  const ids: string[] = [];
  for (const name of names) {
    const path = `/uploads?name=${encodeURIComponent(name)}`;
    const { body } = await person.send<{ id: string; fileName: string }>(
      'POST',
      path,
      'Day,Fares\n2026-01-01,1\n',
    );
    expect(body.fileName).toBe(name);
    ids.push(body.id);
  }
  const statuses: number[] = [];
  for (const id of ids)
    statuses.push((await person.send('POST', `/uploads/${id}/understand`, {})).status);
  expect(statuses).toEqual([404, 404, 200, 200, 200, 200, 200]);
});

const longRows = Array.from(
  { length: 400_000 },
  (_, row) => `2026-01-${String((row % 28) + 1).padStart(2, '0')},${row}`,
);
const long = ['Day,Fares', ...longRows].join('\n');

/** Begins to bring a long file in, and leaves the page when some of it is stored. */
async function leaveHalfWay(name: string): Promise<string> {
  const uploadId = await person.upload(long, `${name}.csv`);
  const leave = new AbortController();
  const response = await fetch(`${server.origin}/api/uploads/${uploadId}/bring-in`, {
    method: 'POST',
    headers: {
      'x-stand-mark': '1',
      'content-type': 'application/json',
      cookie: person.cookie,
    },
    body: JSON.stringify({ name, form: {} }),
    signal: leave.signal,
  });
  const reader = response.body?.getReader();
  for (let told = ''; !/"storing","share":0\.[1-9]/.test(told);) {
    const part = await reader?.read();
    if (!part || part.done) throw new Error(`It ended before: ${told}`);
    told = new TextDecoder().decode(part.value);
  }
  leave.abort();
  return uploadId;
}

/** What is told of a delivery, once it has ended. */
async function ended(uploadId: string): Promise<Underway | undefined> {
  for (let i = 0; i < 300; i += 1) {
    const { body } = await person.send<Underway[]>('GET', '/deliveries');
    const found = body.find((each) => each.uploadId === uploadId);
    if (found?.state !== 'running') return found;
    await new Promise((done) => setTimeout(done, 50));
  }
  return undefined;
}

it('goes on when the page is left, and tells how it ended', async () => {
  const uploadId = await leaveHalfWay('Left');
  // What is under way is not put away, nor stopped by that.
  const { body: underway } = await person.send<Underway[]>('GET', '/deliveries');
  await person.send('DELETE', `/deliveries/${underway[0]?.id}`);
  const found = await ended(uploadId);
  expect(found).toMatchObject({ state: 'done', fileName: 'Left.csv', sentence: null });
  const { body } = await person.send<SourceDetail>('GET', `/sources/${found?.sourceId}`);
  expect([body.name, body.rows]).toEqual(['Left', 400_000]);
  const forget = () => person.send('DELETE', `/deliveries/${found?.id}`);
  expect((await forget()).status).toBe(200);
  expect(await ended(uploadId)).toBeUndefined();
});

it('leaves nothing behind when it is stopped half-way', async () => {
  const before = await traces();
  const uploadId = await leaveHalfWay('Stopped');
  expect((await traces())[1]).toBe((before[1] ?? 0) + 1);
  expect((await person.send('DELETE', `/uploads/${uploadId}/bring-in`)).status).toBe(200);
  expect(await ended(uploadId)).toMatchObject({ state: 'stopped', sourceId: null });
  const cleared = async () => (await traces()).join() === before.join();
  for (let i = 0; i < 300 && !(await cleared()); i += 1)
    await new Promise((done) => setTimeout(done, 50));
  expect(await traces()).toEqual(before);
});

it('keeps decimal sums exact from the file to the chart, and follows when it is brought in again', async () => {
  const id = await person.source(
    'Day,Fares\n2026-01-05,0.1\n2026-01-06,0.2\n2026-02-01,\n2026-03-01,7\n',
  );
  const { chartId } = await person.board(id);
  const values = async () => {
    const { body } = await person.send<ChartFrames>('GET', `/charts/${chartId}/frames`);
    return Object.values(body.frames)[0]?.values;
  };
  expect(await values()).toEqual([[0.3, null, 7]]);
  const again = await person.bringIn('Day;Fares\n05.01.2026;0,1\n01.03.2026;9,25\n', {
    sourceId: id,
  });
  expect(again.at(-1)).toEqual({ kind: 'done', sourceId: id });
  expect(await values()).toEqual([[0.1, 9.25]]);
  const { body: source } = await person.send<SourceDetail>('GET', `/sources/${id}`);
  expect(source.versions.map(({ rows, current }) => [rows, current])).toEqual([
    [2, true],
    [4, false],
  ]);
  const first = source.versions[1]?.id ?? 0;
  expect((await person.send('POST', `/sources/${id}/versions/${first}/use`)).status).toBe(200);
  expect(await values()).toEqual([[0.3, null, 7]]);
});

it('says what a chart lacks when a column is gone, and refuses to remove a source in use', async () => {
  const id = await person.source('Day,Fares\n2026-01-05,1\n');
  const { chartId } = await person.board(id);
  await person.bringIn('Day,Takings\n2026-01-05,1\n', { sourceId: id });
  const { status, body } = await person.send<ChartFrames>('GET', `/charts/${chartId}/frames`);
  expect([status, body.problems[0]?.sentence]).toEqual([
    200,
    expect.stringContaining('no column “Fares” any more'),
  ]);
  expect((await person.send('DELETE', `/sources/${id}`)).body.code).toBe('source-in-use');
});

it('answers many at once', async () => {
  const id = await person.source('Day,Fares\n2026-01-05,1\n');
  const { chartId } = await person.board(id);
  const answers = await Promise.all(
    Array.from({ length: 40 }, () => person.send('GET', `/charts/${chartId}/frames`)),
  );
  expect(answers.every(({ status }) => status === 200)).toBe(true);
});
