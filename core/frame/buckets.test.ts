import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import Papa from 'papaparse';
import { type Grain, periodKey } from '../calendar';
import { columnBuilder, cellReader, type Table } from '../table';
import vectors from '../vectors/buckets.json';
import { aggregate } from './aggregate';
import type { Aggregate } from './aggregates';
import type { Frame } from './frame';

const kinds = { day: 'date', route: 'text', takings: 'number', crew: 'number' } as const;

function tableOfRows(): Table {
  const text = readFileSync(join(__dirname, '../vectors/rows.csv'), 'utf8').trim();
  const rows = Papa.parse<Record<string, string>>(text, { header: true }).data;
  const columns = Object.entries(kinds).map(([name, kind]) => {
    const builder = columnBuilder(name, kind, rows.length);
    const read = cellReader(
      { name, kind, datePattern: 'YYYY-MM-DD' },
      { decimalMark: '.', zone: 'UTC' },
    );
    for (const row of rows) builder.add(read(row[name] ?? '') as string | number | null);
    return builder.finish();
  });
  return { rows: rows.length, columns };
}

const table = tableOfRows();
const frames = new Map<string, Frame>();

function figure(
  grain: Grain,
  of: Aggregate,
  column: string | null,
  bucket: { bucket: string; route: string },
): number | null {
  const name = `${grain} ${of} ${column}`;
  if (!frames.has(name)) {
    const request = { sourceId: 1, date: 'day', grain, aggregate: of, column, splitBy: 'route' };
    frames.set(name, aggregate(table, request));
  }
  const frame = frames.get(name) as Frame;
  const period = frame.periods.findIndex((start) => periodKey(start, grain) === bucket.bucket);
  return frame.values[frame.keys.indexOf(bucket.route)]?.[period] ?? null;
}

describe.each(['month', 'quarter', 'week', 'year'] as const)('buckets by %s', (grain) => {
  it('meets the figures worked out independently', () => {
    for (const bucket of vectors[grain]) {
      const of = (kind: Aggregate, column: string | null = 'takings') =>
        figure(grain, kind, column, bucket);
      // Exact: these equal the figure as typed in, without a tolerance.
      expect({
        rows: of('count', null),
        count: of('count'),
        sum: of('sum'),
        min: of('min'),
        max: of('max'),
        first: of('first'),
        last: of('last'),
        distinctCrew: of('distinct', 'crew'),
      }).toEqual({
        rows: bucket.rows,
        count: bucket.count,
        sum: orNull(bucket.sum),
        min: orNull(bucket.min),
        max: orNull(bucket.max),
        first: orNull(bucket.first),
        last: orNull(bucket.last),
        distinctCrew: bucket.distinctCrew,
      });
      near(of('mean'), bucket.mean);
      near(of('median'), bucket.median);
      const crew = of('sum', 'crew');
      const sum = of('sum');
      near(sum === null || crew === null ? null : sum / crew, bucket.takingsPerCrew);
    }
  });

  it('has no bucket without a row', () => {
    const frame = aggregate(table, {
      sourceId: 1,
      date: 'day',
      grain,
      aggregate: 'count',
      column: null,
      splitBy: 'route',
    });
    const found = frame.values.flat().filter((count) => count !== null).length;
    expect(found).toBe(vectors[grain].length);
  });
});

const orNull = (text: string | null) => (text === null ? null : Number(text));

function near(found: number | null, wanted: number | null) {
  if (wanted === null) expect(found).toBeNull();
  else expect(Math.abs((found as number) - wanted)).toBeLessThanOrEqual(1e-9 * Math.abs(wanted));
}
