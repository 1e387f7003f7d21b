import Papa from 'papaparse';
import { parseDay } from '../core/calendar';
import { arrangementKinds } from '../core/arrangements';
import { parseChart } from '../core/chart';
import { conditionKinds } from '../core/conditions';
import { pickKinds } from '../core/standouts';
import { edgeKinds, yardstickKinds } from '../core/yardsticks';
import { boardCharts, boardNotes } from './board';
import { budgetCells, ferryFiles } from './ferries';
import { markCharts } from './marks';
import { wayCharts } from './ways';

const day = (text: string) => parseDay(text) as number;
const asOf = day('2026-11-23');

function rows(source: string, at = asOf): Record<string, string>[] {
  const csv = ferryFiles(at).find((file) => file.source === source)?.content ?? '';
  return Papa.parse<Record<string, string>>(String(csv).trim(), { header: true }).data;
}

it('is the same for the same day, and goes on from one day to the next', () => {
  expect(ferryFiles(asOf)).toEqual(ferryFiles(asOf));
  const today = rows('Sailings');
  const yesterday = rows('Sailings', asOf - 1);
  expect(today.slice(0, yesterday.length)).toEqual(yesterday);
  expect(today.at(-1)?.Date).toBe('2026-11-23');
});

it('tells its story: a closed quay, storms, a fuel price, and a route that outgrows another', () => {
  const all = rows('Sailings');
  const of = (route: string, from: string, to: string, column: string) =>
    all
      .filter(({ Route, Date: date = '' }) => Route === route && date >= from && date <= to)
      .reduce((sum, row) => sum + Number(row[column]), 0);
  expect(
    all.filter(
      ({ Route, Date: date = '' }) =>
        Route === 'Fenn to Osk' && date >= '2026-02-09' && date <= '2026-03-20',
    ),
  ).toEqual([]);
  const calm = of('Tarrow to Quill', '2025-01-01', '2025-01-09', 'Sailings');
  expect(of('Tarrow to Quill', '2025-01-11', '2025-01-19', 'Sailings')).toBeLessThan(calm / 2);
  const price = (from: string, to: string) =>
    of('Harbour to Fenn', from, to, 'Fuel cost') / of('Harbour to Fenn', from, to, 'Fuel litres');
  expect(price('2026-03-10', '2026-04-10') / price('2026-01-01', '2026-03-01')).toBeCloseTo(
    1.18,
    2,
  );
  const share = (year: string) =>
    of('Fenn to Osk', `${year}-06-01`, `${year}-08-31`, 'Passengers') /
    of('Harbour to Fenn', `${year}-06-01`, `${year}-08-31`, 'Passengers');
  expect(share('2025')).toBeLessThan(1);
  expect(share('2026')).toBeGreaterThan(1.2);
});

it.each(['2026-01-03', '2024-02-29', '2026-12-31', '2026-11-23'])(
  'holds together on %s',
  (text) => {
    const at = day(text);
    for (const file of ferryFiles(at).filter(({ content }) => typeof content === 'string')) {
      const table = rows(file.source, at);
      expect(table.length).toBeGreaterThan(0);
      for (const row of table)
        for (const cell of Object.values(row)) expect(cell).not.toMatch(/NaN|undefined|Infinity/);
    }
    expect(boardNotes(at).every((note) => note.day <= text)).toBe(true);
  },
);

it('types its budget as the office does', () => {
  const [, , years, months, fares, fuel] = budgetCells(asOf);
  expect([years?.[1], years?.[13], months?.[24]]).toEqual([2025, 2026, 'Dec']);
  expect([fares?.length, fuel?.length]).toEqual([25, 25]);
  for (const figure of fares?.slice(1) ?? []) expect(figure).toBeGreaterThan(400_000);
});

it('has charts that the schema takes, on a grid without overlap', () => {
  const charts = boardCharts({
    Sailings: 1,
    Budget: 2,
    Forecast: 3,
    'Punctuality targets': 4,
    'Passenger survey': 5,
  });
  for (const { definition } of charts) expect(parseChart(definition)).toEqual(definition);
  const cells = charts.flatMap(({ place: { x, y, w, h } }) =>
    Array.from({ length: w * h }, (_, cell) => `${x + (cell % w)} ${y + Math.floor(cell / w)}`),
  );
  expect(new Set(cells).size).toBe(cells.length);
});

it('uses each kind of yardstick, edge, condition and way to pick points at least once', () => {
  const ids = Object.fromEntries(ferryFiles(asOf).map(({ source }, at) => [source, at + 1]));
  const charts = [...boardCharts(ids), ...wayCharts(ids), ...markCharts(ids, {})];
  const used = new Set(
    charts.flatMap(({ definition }) =>
      [...JSON.stringify(definition).matchAll(/"kind":"(\w+)"/g)].map(([, kind]) => kind),
    ),
  );
  const all = [yardstickKinds, edgeKinds, conditionKinds, pickKinds, arrangementKinds].flat();
  const unused = all.map(({ kind }) => kind).filter((kind) => !used.has(kind));
  expect(unused).toEqual([]);
});
