import type { BringInStep, SourceDetail } from '../../../contract';
import { startServer, TestPerson, type TestServer } from '../../testing';

let server: TestServer;
let maren: TestPerson;

/** Everything is large: of files only the first rows are looked at, and rows are asked of the engine. */
const env = {
  STAND_MARK_ROWS_WITHOUT_ENGINE: '0',
  STAND_MARK_LOOKED_AT_WHOLE_MEGABYTES: '0',
  STAND_MARK_ROWS_LOOKED_AT: '5000',
};

beforeAll(async () => {
  server = await startServer({ env });
  maren = await TestPerson.signedUp(server.origin, 'maren');
});

afterAll(() => server.stop());

const count = 50_000;
const day = (row: number) =>
  new Date(Date.UTC(2026, 0, 1 + (row % 300))).toISOString().slice(0, 10);

/** What comes late in the file needs more digits than its first rows, or is no figure. */
const fares = (row: number) => (row === 40_000 ? 'lost' : row > 35_000 ? row + 0.125 : row % 90);

const lines = Array.from({ length: count }, (_, row) =>
  [day(row), ['North', 'South'][row % 2], `R${row}`, fares(row)].join(),
);
const file = ['Day,Route,Receipt,Fares', ...lines].join('\n');

const understood = async (uploadId: string) => {
  const { body } = await maren.steps(`/uploads/${uploadId}/understand`, {});
  const last = body.at(-1) as Extract<BringInStep, { kind: 'understood' }>;
  return last.understanding;
};

const rowsOf = async (id: number) =>
  (await maren.send<string>('GET', `/sources/${id}/rows.csv`)).body
    .replace(/^\ufeff/, '')
    .trimEnd()
    .split('\r\n');

it('looks at the first rows of a large file, says so, and brings all of them in as they are', async () => {
  const uploadId = await maren.upload(file);
  const { rows, ofRows, recording } = await understood(uploadId);
  expect(rows).toBeLessThan(30_000);
  // Of a file of a few parts it is told by whole parts.
  expect(ofRows ?? 0).toBeGreaterThanOrEqual(rows);
  expect(recording).toBeNull();
  const { body } = await maren.steps(`/uploads/${uploadId}/bring-in`, { name: 'Late', form: {} });
  const done = body.at(-1) as Extract<BringInStep, { kind: 'done' }>;
  const { body: source } = await maren.send<SourceDetail>('GET', `/sources/${done.sourceId}`);
  expect(source).toMatchObject({
    rows: count,
    doubtfulTotal: 1,
    doubtful: [{ row: 40_002, column: 'Fares', text: 'lost' }],
  });
  expect(source.columns[3]).toMatchObject({ decimals: 3 });
  expect(source.profiles[3]).toMatchObject({
    doubtful: 1,
    blank: 1,
    range: [0, count - 1 + 0.125],
  });
  const written = await rowsOf(done.sourceId);
  expect(written).toHaveLength(count + 1);
  expect([written[2], written[40_001], written[count]]).toEqual([
    '2026-01-02,South,R1,1',
    `${day(40_000)},North,R40000,`,
    `${day(count - 1)},South,R49999,49999.125`,
  ]);
});

it('compares, updates and adds rows of large sources', async () => {
  const id = await maren.source(file);
  const next = 'Receipt,Fares\nR1,7\nR3,3\nR99999,5\n';
  const changed = async (mode: string, keys?: string[]) => {
    const uploadId = await maren.upload(next);
    const how = { sourceId: id, mode, keys, form: {} };
    const compared = (await maren.steps(`/uploads/${uploadId}/compare`, how)).body.at(-1);
    const ended = (await maren.steps(`/uploads/${uploadId}/bring-in`, how)).body.at(-1);
    const { changes } = compared as Extract<BringInStep, { kind: 'compared' }>;
    return { changes, ended };
  };
  const update = await changed('update', ['Receipt']);
  expect(update.ended).toEqual({ kind: 'done', sourceId: id });
  expect(update.changes).toMatchObject({
    added: { count: 1, examples: [[null, null, 'R99999', '5']] },
    removed: { count: 0 },
    changed: {
      count: 1,
      examples: [
        {
          before: ['2026-01-02', 'South', 'R1', '1'],
          after: ['2026-01-02', 'South', 'R1', '7'],
        },
      ],
    },
    rows: 3,
    goneColumns: ['Day', 'Route'],
  });
  const rows = await rowsOf(id);
  expect(rows.slice(0, 5)).toEqual([
    'Day,Route,Receipt,Fares',
    '2026-01-02,South,R1,7',
    '2026-01-04,South,R3,3',
    ',,R99999,5',
    '2026-01-01,North,R0,0',
  ]);
  expect(rows).toHaveLength(count + 2);
  const again = await changed('append');
  expect(again.changes).toMatchObject({ added: { count: 3 }, standing: 1 });
  const { body: source } = await maren.send<SourceDetail>('GET', `/sources/${id}`);
  expect(source).toMatchObject({ rows: count + 4, preview: rows.slice(1, 9).map(cellsOf) });
  expect(source.profiles[2]).toMatchObject({ blank: 0, distinct: 1000 });
  expect((await rowsOf(id)).at(-1)).toBe(',,R99999,5');
});

/** Figures are shown with the digits of their column. */
const cellsOf = (line: string) =>
  line
    .split(',')
    .map((cell, at) => (cell === '' ? null : at === 3 ? Number(cell).toFixed(3) : cell));
