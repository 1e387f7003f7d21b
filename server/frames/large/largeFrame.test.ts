import { type AxisDefinition } from '../../../core/axis';
import fc from 'fast-check';
import { createConnection, type Connection, type RowDataPacket } from 'mysql2/promise';
import type { ChartFrames } from '../../../contract';
import { grains as allGrains } from '../../../core/calendar';
import type { SeriesDefinition } from '../../../core/chart';
import {
  type Aggregate,
  aggregateKind,
  aggregates,
  type Filter,
  rankings,
} from '../../../core/frame';
import { startServer, TestPerson, type TestServer } from '../../testing';

let server: TestServer;
/** another process on the same database, which keeps no column in memory */
let lean: TestServer;
let person: TestPerson;
let connection: Connection;

beforeAll(async () => {
  server = await startServer();
  person = await TestPerson.signedUp(server.origin, 'maren');
  connection = await createConnection(server.databaseUrl);
  await connection.query('CREATE TEMPORARY TABLE sample (c0 DATE, c1 DECIMAL(12, 2))');
  lean = await startServer({
    beside: server,
    env: { STAND_MARK_COLUMN_MEGABYTES: '0', STAND_MARK_ROWS_WITHOUT_ENGINE: '0' },
  });
});

afterAll(async () => {
  await connection.end();
  await lean.stop();
  await server.stop();
});

/** What the database answers for each aggregate; the place of a row decides among equal days. */
const expressions = {
  sum: 'SUM(c1)',
  mean: 'AVG(CAST(c1 AS DOUBLE))',
  min: 'MIN(c1)',
  max: 'MAX(c1)',
  count: 'COUNT(c1)',
  distinct: 'COUNT(DISTINCT c1)',
  deviation: 'STDDEV_SAMP(CAST(c1 AS DOUBLE))',
} as const;

const grains = {
  day: "DATE_FORMAT(c0, '%Y-%m-%d')",
  month: "DATE_FORMAT(c0, '%Y-%m')",
  year: "DATE_FORMAT(c0, '%Y')",
} as const;

const row = fc.record({
  day: fc.option(fc.integer({ min: 0, max: 800 })),
  cents: fc.option(fc.integer({ min: -1_000_000, max: 1_000_000 })),
});

/** Figures stand first: a first column of dates, half of them blank, would be filled from above. */
const csvOf = (rows: readonly { day: number | null; cents: number | null }[]) =>
  [
    'Fares,Day',
    // The first row makes sure of what each column holds.
    '0.01,2025-01-01',
    ...rows.map(({ day, cents }) => {
      const date = day === null ? '' : new Date(Date.UTC(2025, 0, 1 + day)).toISOString();
      return `${cents === null ? '' : (cents / 100).toFixed(2)},${date.slice(0, 10)}`;
    }),
  ].join('\n');

it('aggregates as the database does, whatever the rows', async () => {
  await fc.assert(
    fc.asyncProperty(fc.array(row, { maxLength: 120 }), async (rows) => {
      const id = await person.source(csvOf(rows));
      const { chartId, definition } = await person.board(id);
      await connection.query('DELETE FROM sample');
      const [, ...lines] = csvOf(rows).split('\n');
      const cells = lines.map((line) => line.split(',').map((cell) => (cell === '' ? null : cell)));
      await connection.query('INSERT INTO sample (c1, c0) VALUES ?', [cells]);
      for (const [grain, period] of Object.entries(grains))
        for (const [aggregate, expression] of Object.entries(expressions)) {
          const [answer] = await connection.query<RowDataPacket[]>(
            `SELECT ${period} AS period, CAST(${expression} AS DOUBLE) AS figure FROM sample
             WHERE c0 IS NOT NULL GROUP BY period ORDER BY period`,
          );
          const series = definition.series.map((each) => ({
            ...each,
            figures: { ...each.figures, aggregate },
          }));
          const asked = { ...definition, grain, series };
          const { body } = await person.send<ChartFrames>('POST', `/charts/${chartId}/frames`, {
            definition: asked,
          });
          const [frame] = Object.values(body.frames);
          const found = (frame?.values[0] ?? []).map((figure) => figure ?? null);
          const wanted = answer.map(({ figure }) => figure as number | null);
          expect([grain, aggregate, found.length]).toEqual([grain, aggregate, wanted.length]);
          found.forEach((figure, place) => {
            const mark = wanted[place] ?? null;
            if (figure === null || mark === null) expect(figure ?? 0).toBe(mark ?? 0);
            else if (aggregateKind(aggregate as Aggregate).divides)
              expect(figure).toBeCloseTo(mark, 6);
            else expect(figure).toBe(mark);
          });
        }
    }),
    { numRuns: 6 },
  );
});

const routes = ['North', 'South', 'East', ''];
const routed = fc.record({
  day: fc.integer({ min: 0, max: 900 }),
  cents: fc.option(fc.integer({ min: -100_000, max: 100_000 })),
  route: fc.constantFrom(...routes),
  coast: fc.constantFrom('windward', 'lee', ''),
});

/** Every way of asking that must give the same, in memory or not. */
const ways = fc.record({
  aggregate: fc.constantFrom(...aggregates),
  readings: fc.boolean(),
  grain: fc.constantFrom(...allGrains),
  axis: fc.constantFrom<AxisDefinition>(
    { kind: 'periods' },
    { kind: 'recorded' },
    { kind: 'numbers', column: 'Fares' },
    { kind: 'years', column: 'Day' },
    { kind: 'words', column: 'Coast', order: ['windward'] },
    ...['Fares', 'Day', 'Route'].map((column): AxisDefinition => ({
      kind: 'words',
      column: 'Coast',
      order: [],
      by: { series: null, column, first: column === 'Day' ? 'lowest' : 'highest' },
    })),
  ),
  split: fc.boolean(),
  colourBy: fc.constantFrom('Coast', null),
  top: fc.option(fc.record({ count: fc.constant(1), by: fc.constantFrom(...rankings) })),
  filters: fc.subarray<Filter>([
    { kind: 'words', column: 'Route', words: ['South', ''], keep: false },
    { kind: 'numbers', column: 'Fares', from: -500, to: 500 },
    { kind: 'dates', column: 'Day', from: '2024-05-02', to: null },
  ]),
});

/** The largest figure of any row: what is taken apart of such figures differs by a share of them. */
const largest = 1000;

/**
 * What was divided may differ in its last digits: what lies near to the figure that is wanted is taken
 * for it, and all else stays as it was found.
 * @param share of the figures, by which two of them may differ
 */
function settled(found: unknown, wanted: unknown, share: number): unknown {
  if (typeof found === 'number' && typeof wanted === 'number')
    return Math.abs(found - wanted) <= share * Math.max(largest, Math.abs(wanted)) ? wanted : found;
  if (typeof found !== 'object' || found === null) return found;
  if (typeof wanted !== 'object' || wanted === null) return found;
  const inner = Object.entries(found).map(([name, value]) => [
    name,
    settled(value, (wanted as Record<string, unknown>)[name], share),
  ]);
  return Array.isArray(found)
    ? inner.map(([, value]) => value as unknown)
    : Object.fromEntries(inner);
}

it('finds the same figures whether the columns fit in memory or not', async () => {
  const other = person.before(lean.origin);
  await fc.assert(
    fc.asyncProperty(
      fc.array(routed, { minLength: 1, maxLength: 80 }),
      fc.array(ways, { minLength: 12, maxLength: 12 }),
      async (rows, asked) => {
        const lines = rows.map(({ day, cents, route, coast }) => {
          const date = new Date(Date.UTC(2024, 0, 1 + day)).toISOString().slice(0, 10);
          return `${date},${cents === null ? '' : (cents / 100).toFixed(2)},${route},${coast}`;
        });
        const first = '2024-01-01,0.01,North,lee';
        const id = await person.source(['Day,Fares,Route,Coast', first, ...lines].join('\n'));
        const { chartId, definition } = await person.board(id);
        const [series] = definition.series as [SeriesDefinition];
        for (const { aggregate, readings, grain, axis, split, colourBy, top, filters } of asked) {
          const figures = { ...series.figures, aggregate, percent: 90, filters };
          const chart = {
            ...definition,
            grain,
            axis,
            series: [
              {
                ...series,
                figures,
                readings,
                split: split ? { column: 'Route', order: [], coloured: [], colourBy, top } : null,
              },
            ],
          };
          const path = `/charts/${chartId}/frames`;
          const inMemory = await person.send<ChartFrames>('POST', path, { definition: chart });
          const inDatabase = await other.send<ChartFrames>('POST', path, { definition: chart });
          expect([inMemory.status, inMemory.body.problems]).toEqual([200, []]);
          const share = aggregateKind(aggregate).divides
            ? aggregate === 'deviation'
              ? 1e-10
              : 1e-12
            : 0;
          expect(settled(inDatabase.body, inMemory.body, share)).toEqual(inMemory.body);
        }
      },
    ),
    // Smaller counterexamples would take minutes to find.
    { numRuns: 5, endOnFailure: true },
  );
});
