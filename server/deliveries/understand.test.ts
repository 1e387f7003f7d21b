import type { Source, SourceDetail } from '../../contract';
import { startServer, TestPerson, type TestServer } from '../testing';

let server: TestServer;
let person: TestPerson;

beforeAll(async () => {
  server = await startServer();
  person = await TestPerson.signedUp(server.origin, 'maren');
});

afterAll(() => server.stop());

it.each([
  [';', 'Day;Fares;Route\n2026-01-01;1,5;A, B\n2026-01-02;2,5;C\n'],
  [',', 'Day,Fares,Route\n2026-01-01,1.5,A;B\n2026-01-02,2.5,"C, D"\n'],
  ['\t', 'Day\tFares\tRoute\n2026-01-01\t1.5\tA, B\n2026-01-02\t2.5\tC; D\n'],
  ['|', 'Day|Fares|Route\n2026-01-01|1.5|A, B\n2026-01-02|2.5|C\n'],
])('recognises the delimiter %j', async (delimiter, content) => {
  const { body } = await person.understand(content);
  expect(body.file).toMatchObject({ delimiter });
  expect(body.columns?.map(({ name, kind }) => [name, kind])).toEqual([
    ['Day', 'date'],
    ['Fares', 'number'],
    ['Route', 'text'],
  ]);
});

it.each([
  ['Day,,Fares,Fares', ['Day', 'Column 2', 'Fares', 'Fares (2)']],
  ['Day,Day,Day (2)', ['Day', 'Day (3)', 'Day (2)']],
  ['Day,Column 3,', ['Day', 'Column 3', 'Column 3 (2)']],
  ['A,A,A,A (2),A (3)', ['A', 'A (4)', 'A (5)', 'A (2)', 'A (3)']],
])('names every column of “%s”, and no two alike', async (head, names) => {
  const { body } = await person.understand(`${head}\n2026-01-01,1,2,3,4\n`);
  expect(body.columns?.map(({ name }) => name)).toEqual(names);
});

it('cuts a long name before a character, not within it, and marks half characters', async () => {
  const long = `${'x'.repeat(189)}\u{1f6a2}`;
  const content = Buffer.from(`\ufeffDay,${long},Half\ud83d\n2026-01-01,1,2\n`, 'utf16le');
  const { body } = await person.understand(content);
  expect(body.columns?.map(({ name }) => name)).toEqual(['Day', 'x'.repeat(189), 'Half\ufffd']);
  const [step] = (await person.bringIn(content, { name: 'Halves' })).slice(-1);
  expect(step?.kind).toBe('done');
});

it('lists a number that is too long to be one, and keeps the others', async () => {
  const rows = Array.from({ length: 20 }, (_, row) => `2026-01-05,${row}.25`);
  const content = ['Day,Fares', ...rows, `2026-01-06,${'9'.repeat(400)}`, '2026-01-07,-1e15', ''];
  const { body } = await person.understand(content.join('\n'));
  expect(body.doubtful.map(({ row }) => row)).toEqual([22]);
  expect(body.found[1]).toMatchObject({ decimals: 2, largest: 1e15 });
  expect((await person.bringIn(content.join('\n'), { name: 'Long' })).at(-1)?.kind).toBe('done');
});

it('brings in as many columns as are promised, of whatever kind, and reads them back', async () => {
  const kinds = [
    ...Array.from({ length: 60 }, (_, at) => `word ${at} ${'é'.repeat(400)}`),
    ...Array.from({ length: 60 }, (_, at) => `${at}.000000000001`),
    ...Array.from({ length: 39 }, () => ''),
    ...Array.from({ length: 40 }, () => '2026-02-03'),
  ];
  const head = ['Day', ...kinds.map((_, at) => `C${at}`)].join(',');
  const content = `${head}\n2026-01-05,${kinds.join(',')}\n2026-01-06,${kinds.join(',')}\n`;
  const id = await person.source(content, 'Wide');
  const { body } = await person.send<SourceDetail>('GET', `/sources/${id}`);
  const [row] = body.preview;
  expect([body.columns.length, row?.length]).toEqual([200, 200]);
  expect([row?.[1], row?.[61], row?.[121], row?.[199]]).toEqual([
    kinds[0],
    '0.000000000001',
    null,
    '2026-02-03',
  ]);
  const words = await person.send<string[]>('GET', `/sources/${id}/words?column=C0`);
  expect(words.body).toEqual([kinds[0]]);
});

it('lists rows that are too long, takes short ones as blank, and skips empty lines', async () => {
  const { body } = await person.understand(
    'Day,Fares\n2026-01-01,1,9\n\n2026-01-02\n2026-01-03,3\n',
  );
  expect(body.rows).toBe(3);
  expect(body.doubtful).toEqual([{ row: 2, column: 'beyond the last column', text: '9' }]);
  expect(body.found[1]).toMatchObject({ blank: 1, doubtful: 0 });
});

it('reads quoted cells with delimiters, quotation marks and line breaks in them', async () => {
  const { body } = await person.understand(
    'Day,Route\n2026-01-01,"The ""Spur"", inner\nring"\n2026-01-02,Plain\n',
  );
  expect([body.rows, body.preview[0]?.[1]]).toEqual([2, 'The "Spur", inner\nring']);
});

it('takes what the person decides over what it would recognise', async () => {
  const content = 'When,Code\n01/02/2026,00123\n03/04/2026,00456\n';
  const { body } = await person.understand(content, {
    columns: [
      { name: 'When', kind: 'date', datePattern: 'MM/DD/YYYY' },
      { name: 'Code', kind: 'text', datePattern: null },
    ],
  });
  expect(body.columns?.map(({ kind, datePattern }) => [kind, datePattern])).toEqual([
    ['date', 'MM/DD/YYYY'],
    ['text', null],
  ]);
  expect(body.found[1]?.distinct).toBe(2);
});

it('turns date-times with an offset into days of the given zone', async () => {
  const content = 'When,Fares\n2026-03-05T23:30:00Z,1\n2026-03-06T00:30:00Z,2\n';
  const id = await person.source(content, 'Zoned');
  const { body } = await person.send<{ preview: (string | null)[][] }>('GET', `/sources/${id}`);
  expect(body.preview.map(([day]) => day)).toEqual(['2026-03-05', '2026-03-06']);
  const { body: east } = await person.understand(content, { zone: 'Asia/Tokyo' });
  expect(east.zone).toBe('Asia/Tokyo');
});

it('finds bytes that are no UTF-8 late in a file', async () => {
  const rows = Array.from(
    { length: 30_000 },
    (_, row) => `2026-01-${String((row % 28) + 1).padStart(2, '0')},North,${row}`,
  );
  const content = Buffer.concat([
    Buffer.from(['Day,Route,Fares', ...rows].join('\n')),
    Buffer.from('\n2026-02-01,S\xfcd,1\n', 'latin1'),
  ]);
  const { body } = await person.understand(content);
  expect([body.file, body.rows]).toMatchObject([{ encoding: 'windows-1252' }, 30_001]);
});

it('gives words in the order they have by themselves, or in the one that was set', async () => {
  const content =
    'Day,Weekday,Party\n2026-01-05,Tue,6-10\n2026-01-05,Mon,11+\n2026-01-05,Sun,1-5\n';
  const column = { name: 'Party', kind: 'text' as const, datePattern: null, order: ['11+'] };
  const [step] = (await person.bringIn(content, { name: 'Ordered' }, { columns: [column] })).slice(
    -1,
  );
  const id = step?.kind === 'done' ? step.sourceId : 0;
  const words = async (name: string) =>
    (await person.send<string[]>('GET', `/sources/${id}/words?column=${name}`)).body;
  expect(await words('Weekday')).toEqual(['Mon', 'Tue', 'Sun']);
  expect(await words('Party')).toEqual(['11+', '1-5', '6-10']);
});

it('keeps removed sources from lists until they are brought back, and gives words in order', async () => {
  const id = await person.source(
    'Day,Route,Fares\n2026-01-01,South,1\n2026-01-02,,2\n2026-01-03,North,3\n',
    'Routes',
  );
  const names = async () =>
    (await person.send<Source[]>('GET', '/sources')).body.map(({ name }) => name);
  expect((await person.send<string[]>('GET', `/sources/${id}/words?column=Route`)).body).toEqual([
    'North',
    'South',
  ]);
  expect((await person.send('GET', `/sources/${id}/words?column=Fares`)).status).toBe(404);
  await person.send('DELETE', `/sources/${id}`);
  expect(await names()).not.toContain('Routes');
  await person.send('POST', `/sources/${id}/restore`);
  expect(await names()).toContain('Routes');
});
