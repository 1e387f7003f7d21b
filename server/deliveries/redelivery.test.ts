import { read, utils } from '@e965/xlsx';
import { createConnection } from 'mysql2/promise';
import type {
  BringInStep,
  ChartFrames,
  Changes,
  RemovedSource,
  SourceDetail,
} from '../../contract';
import { formatDay } from '../../core/calendar';
import { startServer, TestPerson, type TestServer } from '../testing';

let server: TestServer;
let maren: TestPerson;
let stranger: TestPerson;

const env = { STAND_MARK_VERSIONS_KEPT: '2', STAND_MARK_LEASE_SECONDS: '5' };

beforeAll(async () => {
  server = await startServer({ env });
  maren = await TestPerson.signedUp(server.origin, 'maren');
  stranger = await TestPerson.signedUp(server.origin, 'stranger');
});

afterAll(() => server.stop());

const first = 'Day,Route,Fares\n2026-01-05,North,1.5\n2026-01-05,South,2\n2026-01-06,North,3\n';

const rowsOf = async (id: number, query = '') => {
  const { body } = await maren.send<string>('GET', `/sources/${id}/rows.json${query}`);
  const rows = JSON.parse(body) as Record<string, unknown>[];
  return rows.map((row) => Object.values(row).join(' '));
};

async function compare(id: number, csv: string, more: object = {}): Promise<Changes> {
  const uploadId = await maren.upload(csv);
  const { body } = await maren.steps(`/uploads/${uploadId}/compare`, {
    sourceId: id,
    mode: 'replace',
    form: {},
    ...more,
  });
  const last = body.at(-1) as Extract<BringInStep, { kind: 'compared' }>;
  if (last.kind !== 'compared') throw new Error(JSON.stringify(last));
  return last.changes;
}

it('appends rows, updates them by key, and says before what each would change', async () => {
  const id = await maren.source(first);
  const more = 'Day,Route,Fares,Late\n2026-01-06,South,4.25,1\n2026-01-05,North,1.75,0\n';
  const update = { mode: 'update' as const, keys: ['Day', 'Route'] };
  expect(await compare(id, more, update)).toMatchObject({
    added: { count: 1, examples: [['2026-01-06', 'South', '4.25', '1']] },
    removed: { count: 0 },
    changed: {
      count: 1,
      examples: [
        {
          before: ['2026-01-05', 'North', '1.5', null],
          after: ['2026-01-05', 'North', '1.75', '0'],
        },
      ],
    },
    newColumns: ['Late'],
    goneColumns: [],
    retyped: [],
  });
  expect(await compare(id, more)).toMatchObject({
    keys: ['Day', 'Route'],
    added: { count: 1 },
    removed: { count: 2 },
    changed: { count: 1 },
  });
  expect((await maren.bringIn(more, { sourceId: id, ...update })).at(-1)?.kind).toBe('done');
  expect(await rowsOf(id)).toEqual([
    '2026-01-06 South 4.25 1',
    '2026-01-05 North 1.75 0',
    '2026-01-05 South 2 ',
    '2026-01-06 North 3 ',
  ]);
  const append = 'Day,Fares,Route\n2026-01-07,1234567.125,West\n';
  await maren.bringIn(append, { sourceId: id, mode: 'append' });
  expect((await rowsOf(id)).at(-1)).toBe('2026-01-07 West 1234567.125 ');
  const { body: source } = await maren.send<SourceDetail>('GET', `/sources/${id}`);
  expect(source.versions.map(({ mode, rows, by }) => [mode, rows, by])).toEqual([
    ['append', 5, 'maren'],
    ['update', 4, 'maren'],
  ]);
  expect(source.profiles[2]).toMatchObject({ blank: 0, distinct: 5, range: [1.75, 1234567.125] });
});

it('refuses rows that do not fit those of the source, and names charts that would lose a column', async () => {
  const id = await maren.source('Day,Fares\n2026-01-05,1\n2026-02-05,2\n', 'Fares');
  await maren.board(id);
  const words = 'Day,Fares\n2026-03-05,many\n';
  expect((await maren.bringIn(words, { sourceId: id, mode: 'append' })).at(-1)).toMatchObject({
    kind: 'problem',
    code: 'retyped',
  });
  expect(await rowsOf(id)).toHaveLength(2);
  expect(await compare(id, words)).toMatchObject({
    retyped: [{ column: 'Fares', from: 'number', to: 'text' }],
    charts: [{ title: 'Fares by month', column: 'Fares' }],
  });
  const noKey = { sourceId: id, mode: 'update', form: {} };
  const uploadId = await maren.upload('Day,Fares\n2026-03-05,3\n');
  expect((await maren.send('POST', `/uploads/${uploadId}/bring-in`, noKey)).status).toBe(422);
  const last = await maren.bringIn('Day,Fares\n2026-03-05,3\n', {
    ...noKey,
    mode: 'update',
    keys: ['Gone'],
  });
  expect(last.at(-1)).toMatchObject({ code: 'column-missing' });
});

it('keeps a file with its version, to be prepared anew by its owner alone', async () => {
  const id = await maren.source('Day,Fares\n2026-01-05,1\n2026-01-06,2\n');
  const { body: source } = await maren.send<SourceDetail>('GET', `/sources/${id}`);
  const path = `/uploads/${source.uploadId}/bring-in`;
  const steps = [
    { id: 'head', kind: 'head', from: 1, to: 1 },
    { id: 'few', kind: 'rowsByFigure', column: 'Fares', comparison: 'over', limit: 1 },
  ];
  const body = { sourceId: id, form: { steps } };
  expect((await stranger.send('POST', path, body)).status).toBe(404);
  expect((await maren.steps(path, body)).body.at(-1)?.kind).toBe('done');
  expect(await rowsOf(id)).toEqual(['2026-01-06 2']);
  const after = await maren.send<SourceDetail>('GET', `/sources/${id}`);
  expect(after.body.form.steps).toEqual(steps);
});

it('reads the next delivery as the one before, though rows were corrected by hand meanwhile', async () => {
  const delivered = 'Tag;Preis\n05.01.2026;1,5\n13.01.2026;2,5\n';
  const id = await maren.source(delivered);
  const form = async () => (await maren.send<SourceDetail>('GET', `/sources/${id}`)).body.form;
  const before = await form();
  await maren.bringIn('Tag,Preis\n2026-01-05,9.5\n', { sourceId: id, mode: 'correct' });
  expect(await rowsOf(id)).toEqual(['2026-01-05 9.5']);
  expect(await form()).toEqual(before);
  const next = '01.02.2026;4,5\n02.02.2026;5,5\n';
  await maren.bringIn(delivered + next, { sourceId: id }, await form());
  expect((await rowsOf(id)).at(-1)).toBe('2026-02-02 5.5');
});

it('takes a source as complete up to the day that somebody says', async () => {
  const id = await maren.source('Day,Fares\n2026-01-05,1\n2026-01-20,2\n');
  const { chartId } = await maren.board(id);
  const completeTo = async () => {
    const { body } = await maren.send<ChartFrames>('GET', `/charts/${chartId}/frames`);
    return Object.values(body.frames).map((frame) => formatDay(frame.completeTo ?? 0));
  };
  expect(await completeTo()).toEqual(['2026-01-20']);
  const form = { completeTo: '2026-01-31' };
  await maren.bringIn('Day,Fares\n2026-01-05,1\n2026-01-20,2\n', { sourceId: id }, form);
  expect(await completeTo()).toEqual(['2026-01-31']);
});

it('keeps as many versions as are set, and drops none that is in use', async () => {
  const id = await maren.source('Day,Fares\n2026-01-05,1\n');
  for (const fares of [2, 3])
    await maren.bringIn(`Day,Fares\n2026-01-05,${fares}\n`, { sourceId: id });
  const versions = async () =>
    (await maren.send<SourceDetail>('GET', `/sources/${id}`)).body.versions;
  const [latest, before] = await versions();
  expect(await versions()).toHaveLength(2);
  await maren.send('POST', `/sources/${id}/versions/${before?.id}/use`);
  expect(await rowsOf(id)).toEqual(['2026-01-05 2']);
  expect(await rowsOf(id, `?version=${latest?.id}`)).toEqual(['2026-01-05 3']);
  await maren.bringIn('Day,Fares\n2026-01-05,4\n', { sourceId: id });
  expect((await versions()).map(({ current }) => current)).toEqual([true, false]);
});

it('keeps the files of the latest two versions, packed', async () => {
  const csv = (rows: number) => `Day,Fares\n${'2026-01-05,1\n'.repeat(rows)}`;
  const id = await maren.source(csv(1000));
  for (const rows of [2000, 3000]) await maren.bringIn(csv(rows), { sourceId: id });
  const connection = await createConnection(server.databaseUrl);
  const kept = async (source: number) => {
    const [found] = await connection.query(
      `SELECT source_versions.rows AS wide, uploads.bytes, uploads.kept,
        (SELECT SUM(OCTET_LENGTH(content)) FROM upload_parts WHERE upload_id = uploads.id) AS takes
       FROM source_versions JOIN uploads ON uploads.id = upload_id WHERE source_id = ? ORDER BY 1`,
      [source],
    );
    return found as { wide: number; bytes: number; kept: number; takes: string }[];
  };
  const files = await kept(id);
  await connection.end();
  expect(files.map(({ wide }) => wide)).toEqual([2000, 3000]);
  for (const { wide, bytes, kept: own, takes } of files) {
    expect([bytes, Number(takes)]).toEqual([csv(wide).length, own]);
    expect(own).toBeLessThan(bytes / 10);
  }
});

it('looks up only in sources of the person’s own', async () => {
  const routes = await maren.source('Route,Region\nNorth,Outer\n', 'Routes');
  const join = {
    id: 'j',
    kind: 'join',
    sourceId: routes,
    key: 'Route',
    lookupKey: 'Route',
    take: ['Region'],
  };
  const form = { steps: [{ id: 'h', kind: 'head', from: 1, to: 1 }, join] } as never;
  const { body } = await maren.understand(first, form);
  expect(body.preview[0]).toEqual(['2026-01-05', 'North', '1.5', 'Outer']);
  expect(body.remarks.j).toBe('without a row in Routes: “South”');
  expect((await stranger.understand(first, form)).status).toBe(404);
});

it('writes rows as CSV without formulas, as JSON and as a workbook, for those who may draw from them', async () => {
  const id = await maren.source(
    'Day,Note,Fares\n2026-01-05,=1+1,-2.5\n2026-01-06,@x,\n',
    'Ex/ports',
  );
  const path = `/sources/${id}/rows`;
  const csv = await maren.send<string>('GET', `${path}.csv`);
  expect(csv.body).toBe('Day,Note,Fares\r\n2026-01-05,"\'=1+1",-2.5\r\n2026-01-06,"\'@x",\r\n');
  expect(csv.headers.get('content-disposition')).toBe('attachment; filename=Ex-ports.csv');
  // What was written so that nothing runs is read back as it was.
  const again = await maren.source(csv.body, 'Read back');
  expect(await rowsOf(again)).toEqual(['2026-01-05 =1+1 -2.5', '2026-01-06 @x ']);
  const response = await fetch(`${server.origin}/api${path}.xlsx`, {
    headers: { cookie: maren.cookie },
  });
  const book = read(await response.arrayBuffer(), { cellNF: true });
  const sheet = book.Sheets[book.SheetNames[0] ?? ''];
  expect(sheet?.A2).toMatchObject({ t: 'n', v: 46_027, z: 'yyyy-mm-dd' });
  expect(sheet && utils.sheet_to_json(sheet, { header: 1 })[1]).toEqual([
    new Date('2026-01-05'),
    '=1+1',
    -2.5,
  ]);
  expect((await maren.send('GET', `${path}.pdf`)).status).toBe(404);
  for (const form of ['csv', 'json', 'xlsx'])
    expect((await stranger.send('GET', `${path}.${form}`)).status).toBe(404);
});

it('lists what was removed to whoever removed it, until it is brought back', async () => {
  const id = await maren.source('Day,Fares\n2026-01-05,1\n', 'Scrap');
  const names = async (who: TestPerson) =>
    (await who.send<RemovedSource[]>('GET', '/sources/removed')).body.map(({ name }) => name);
  await maren.send('DELETE', `/sources/${id}`);
  expect([await names(maren), await names(stranger)]).toEqual([['Scrap'], []]);
  await maren.send('POST', `/sources/${id}/restore`);
  expect(await names(maren)).toEqual([]);
});

it('leaves the version before it whole when the server is killed in the middle of a delivery', async () => {
  const beside = await startServer({ beside: server, env });
  const who = new TestPerson(beside.origin);
  who.cookie = maren.cookie;
  const id = await who.source('Day,Fares\n2026-01-05,1\n');
  const rows = Array.from({ length: 300_000 }, (_, row) => `2026-01-05,${row}`).join('\n');
  const uploadId = await who.upload(`Day,Fares\n${rows}`);
  const response = await fetch(`${beside.origin}/api/uploads/${uploadId}/bring-in`, {
    method: 'POST',
    headers: { 'x-stand-mark': '1', 'content-type': 'application/json', cookie: who.cookie },
    body: JSON.stringify({ sourceId: id, form: {} }),
  });
  const telling = response.body?.getReader();
  for (let told = ''; !/"storing","share":0\.[1-9]/.test(told);)
    told = new TextDecoder().decode((await telling?.read())?.value);
  await beside.kill();
  await telling?.cancel().catch(() => {});
  expect(await rowsOf(id)).toEqual(['2026-01-05 1']);
  const connection = await createConnection(server.databaseUrl);
  const unfinished = async () =>
    ((await connection.query('SELECT id FROM source_versions WHERE ready = 0'))[0] as unknown[])
      .length;
  expect(await unfinished()).toBe(1);
  // The other server clears it away once nobody renews its lease.
  for (let i = 0; i < 400 && (await unfinished()) > 0; i += 1)
    await new Promise((done) => setTimeout(done, 100));
  expect(await unfinished()).toBe(0);
  await connection.end();
});
