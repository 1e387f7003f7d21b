import { type AxisDefinition } from '../axis';
import { parseDay } from '../calendar';
import { type ChartDefinition } from '../chart';
import { chartFrames, frameRequest } from '../figures';

import { aggregate, type FrameRequest } from '../frame';
import { dateColumn, numberColumn, type Table, textColumn } from '../table';
import { testChart, testSeries } from '../testing';
import { readChart } from './readChart';

const day = (text: string) => parseDay(text) as number;
const weekdays = ['Tue', 'Mon', 'Wed'];

type Row = [date: string, weekday: string, load: number | null, litres: number | null];

/** Two crossings fell on one date, one has no load, and one no date of its own figures. */
const rows: Row[] = [
  ['2026-03-02', 'Mon', 10, 100],
  ['2026-03-09', 'Mon', 30, 140],
  ['2026-03-10', 'Tue', 10, 90],
  ['2026-03-10', 'Tue', 25.5, 20],
  ['2026-03-31', 'Wed', null, 70],
  ['2026-04-15', 'Wed', 30, null],
];

const table: Table = {
  rows: rows.length,
  columns: [
    dateColumn(
      'Day',
      Int32Array.from(rows, ([date]) => day(date)),
    ),
    textColumn(
      'Weekday',
      Int32Array.from(rows, ([, weekday]) => weekdays.indexOf(weekday)),
      weekdays,
    ),
    numberColumn(
      'Load',
      Float64Array.from(rows, ([, , load]) => load ?? NaN),
      1,
    ),
    numberColumn(
      'Litres',
      Float64Array.from(rows, ([, , , litres]) => litres ?? NaN),
      0,
    ),
  ],
};

const today = day('2026-05-01');

function read(axis: AxisDefinition, more: Partial<ChartDefinition> = {}) {
  const chart = testChart({ axis, series: [testSeries('Litres')], ...more });
  const aggregated = Object.fromEntries(
    chart.series.map((series) => {
      const names = table.columns.map(({ name }) => name);
      const request = frameRequest(chart, series, today, names) as FrameRequest;
      return [series.id, aggregate(table, request)];
    }),
  );
  const { frames } = chartFrames(chart, aggregated, today);
  return readChart(chart, frames, { today });
}

it.each<[AxisDefinition, string, (number | null)[], (string | number)[]]>([
  [
    { kind: 'recorded' },
    'as recorded',
    [100, 140, 110, 70],
    ['2 Mar 2026', '9 Mar 2026', '10 Mar 2026', '31 Mar 2026'],
  ],
  [{ kind: 'numbers', column: 'Load' }, 'by Load', [190, 20, 140], ['10', '25.5', '30']],
  [
    { kind: 'words', column: 'Weekday', order: [] },
    'by Weekday',
    [240, 110, 70],
    ['Mon', 'Tue', 'Wed'],
  ],
  [
    { kind: 'words', column: 'Weekday', order: ['Wed'] },
    'by Weekday',
    [70, 240, 110],
    ['Wed', 'Mon', 'Tue'],
  ],
])('lays figures along %j', (axis, described, figures, labels) => {
  const { panels, positions, described: words } = read(axis);
  expect(panels[0]?.series[0]?.figures).toEqual(figures);
  expect(positions.map(({ label }) => label)).toEqual(labels);
  expect(words).toContain(described);
});

it('stands figures of a column where they are on its scale', () => {
  const { axis, positions } = read({ kind: 'numbers', column: 'Load' });
  expect([axis, ...positions.map(({ middle }) => middle)]).toEqual(['numbers', 10, 25.5, 30]);
});

it('leads one unbroken line through recorded dates, whatever dates others have', () => {
  const filters = [{ kind: 'words' as const, column: 'Weekday', words: ['Mon'], keep: false }];
  const [first, second] = [testSeries('Litres'), testSeries('Later')];
  const { panels } = read(
    { kind: 'recorded' },
    {
      series: [
        first,
        { ...second, figures: { ...first.figures, filters } as typeof second.figures },
      ],
    },
  );
  const [all, later] = panels[0]?.series ?? [];
  expect(all?.pieces.length).toBe(1);
  expect(later?.figures).toEqual([null, null, 110, 70]);
  expect(later?.pieces.length).toBe(1);
});

it('counts along a column only the rows of the chart’s span', () => {
  const span = { kind: 'fixed' as const, from: '2026-03-10', to: null };
  const { panels, positions } = read({ kind: 'words', column: 'Weekday', order: [] }, { span });
  expect(positions.map(({ label }) => label)).toEqual(['Tue', 'Wed']);
  expect(panels[0]?.series[0]?.figures).toEqual([110, 70]);
});

it('keeps what needs dates out of a chart that has none', () => {
  const reading = read(
    { kind: 'words', column: 'Weekday', order: [] },
    {
      arrangement: { kind: 'years' } as ChartDefinition['arrangement'],
      yardsticks: [{ id: 'today', kind: 'today', offsetDays: 0 }],
    },
  );
  expect([reading.axis, reading.panels.length]).toEqual(['words', 1]);
  expect(reading.panels[0]?.yardsticks.flatMap(({ days }) => days)).toEqual([]);
});

it('says what cannot stand along the axis', () => {
  const ask = (axis: AxisDefinition) => () => read(axis);
  expect(ask({ kind: 'numbers', column: 'Weekday' })).toThrow(/does not hold figures/);
  expect(ask({ kind: 'words', column: 'Gone', order: [] })).toThrow(/no column “Gone”/);
});
