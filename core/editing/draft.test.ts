import { type ChartDefinition, chartSchema, parseChart, peekAt, plainStroke } from '../chart';
import { companionChart } from './companionChart';
import { draftChart, draftRule, draftSeries, nextPlace, withChanged, withMark } from './draft';
import { isDrawable } from './draftColumns';
import { withoutPart } from './hanging';
import { testChart, testSeries } from '../testing';

const source = {
  id: 7,
  columns: [
    { name: 'Route', kind: 'text' },
    { name: 'Day', kind: 'date' },
    { name: 'Fares', kind: 'number' },
  ] as const,
};
const budget = {
  ...draftChart(source).series[0],
  id: 'budget',
  name: 'Budget',
  role: 'budget',
} as const;
const drafted = draftChart(source);
const held = withMark(
  { ...drafted, series: [...drafted.series, { ...budget }] } as typeof drafted,
  'series',
  {
    against: 'budget',
    good: 'atLeast',
  },
);

it('drafts a chart that the schema takes, and counts rows where there are no figures', () => {
  expect(parseChart(JSON.parse(JSON.stringify(drafted)))).toEqual(drafted);
  expect(drafted.series[0]?.figures).toMatchObject({
    sourceId: 7,
    date: 'Day',
    aggregate: 'sum',
    column: 'Fares',
  });
  const bare = draftChart({ id: 1, columns: [{ name: 'Day', kind: 'date' }] });
  expect(bare.series[0]?.figures).toMatchObject({ aggregate: 'count', column: null });
});

const columns = (...names: string[]) => [
  { name: 'Month', kind: 'date' as const },
  ...names.map((name) => ({ name, kind: 'number' as const })),
];

it.each([
  ['a budget as the mark', ['Fares', 'Budget'], 'Fares at least budget', []],
  ['less of what is spent as good', ['Budget', 'Fuel cost'], 'Fuel cost at most budget', []],
  ['rates averaged', ['On time %', 'Target %'], 'On time % at least target', ['mean', 'mean']],
  ['no forecast as a mark', ['Fares', 'Forecast'], 'Fares, then forecast', []],
  ['both', ['Fares', 'Plan', 'Forecast'], 'Fares at least budget, then forecast', []],
  ['nothing where nothing is told', ['Fares', 'Riders'], 'Fares', ['sum']],
  ['a plan alone as what it is', ['Budget'], 'Budget', ['sum']],
])('takes from the heads of columns %s', (_what, names, wanted, aggregates) => {
  const { series } = draftChart({ id: 1, columns: columns(...names) });
  const [main] = series;
  const sides = { atLeast: 'at least', atMost: 'at most', within: 'within' };
  const said = [
    `${main?.name}${main?.mark ? ` ${sides[main.mark.good]} ${main.mark.against}` : ''}`,
    ...(main?.handover ? [`then ${main.handover}`] : []),
  ].join(', ');
  expect(said).toBe(wanted);
  const taken = series.map(({ figures }) => 'aggregate' in figures && figures.aggregate);
  if (aggregates.length > 0) expect(taken).toEqual(aggregates);
  expect(series.slice(1).map(({ role }) => role)).toEqual(series.slice(1).map(({ id }) => id));
});

it('gives a mark its colour rules once, and takes them with it', () => {
  expect(held.colourRules.map(({ condition }) => condition)).toEqual([
    { kind: 'mark', is: 'off' },
    { kind: 'mark', is: 'on' },
  ]);
  const turned = withMark(held, 'series', { against: 'budget', good: 'atMost' });
  expect(turned.colourRules).toEqual(held.colourRules);
  expect(withMark(held, 'series', null).colourRules).toEqual([]);
});

it('removes a mark with everything that hung on it and leaves the rest as it was', () => {
  const alone = withoutPart(held, { of: 'series', id: 'budget' });
  expect(alone.series).toEqual(drafted.series);
  expect(alone.colourRules).toEqual([]);
  expect(alone.standouts).toEqual(drafted.standouts);
});

it('lets formulas follow the new name of a series, and touches nothing else', () => {
  const chart = testChart({
    series: [
      testSeries('a', { name: 'Fares' }),
      testSeries('b', { name: 'Fares lost' }),
      testSeries('f', { figures: { kind: 'formula', text: 'Fares / ("Fares lost" + Fares)' } }),
    ],
  });
  const renamed = withChanged(chart, 'a', { name: 'Fare revenue' });
  expect(renamed.series[2]?.figures).toEqual({
    kind: 'formula',
    text: '"Fare revenue" / ("Fares lost" + "Fare revenue")',
  });
  expect(renamed.series[1]).toBe(chart.series[1]);
  const again = withChanged(renamed, 'b', { name: 'Lost' });
  expect(again.series[2]?.figures).toMatchObject({
    text: '"Fare revenue" / (Lost + "Fare revenue")',
  });
});

it('gives a series its place in the palette for good', () => {
  const split = {
    column: 'Route',
    order: ['North', 'South'],
    coloured: [],
    colourBy: null,
    top: null,
  };
  const series = [testSeries('a', { split }), testSeries('plan', { role: 'budget' })];
  expect(nextPlace(testChart({ series }))).toBe(2);
  const second = testSeries('b', { stroke: { ...plainStroke, place: 2 } });
  const strokes = (chart: ChartDefinition) =>
    Object.fromEntries(chart.series.map(({ id, stroke }) => [id, stroke]));
  const chart = testChart({ series: [...series, second] });
  expect(strokes(withoutPart(chart, { of: 'series', id: 'a' }))).toEqual({
    plan: plainStroke,
    b: strokes(chart).b,
  });
});

it.each([
  ['another version', { version: 6 }],
  ['a grain that is none', { grain: 'fortnight' }],
  ['a date that is none', { span: { kind: 'fixed', from: '2026-02-30', to: null } }],
  ['no title', { title: ' ' }],
  [
    'a yardstick without a value',
    { yardsticks: [{ id: 'y', kind: 'line', name: 'Y', onAxis: true, value: { kind: 'number' } }] },
  ],
  [
    'a colour that is none',
    {
      colourRules: [
        { ...draftRule('r', 's', { kind: 'mark', is: 'off' }, 'teal'), colour: 'url(x)' },
      ],
    },
  ],
])('refuses a definition with %s', (_, wrong) => {
  expect(() => parseChart({ ...drafted, ...wrong })).toThrow();
});

const worded = (name: string, distinct: number) => ({ name, kind: 'text' as const, distinct });
const named = (name: string, more: object = {}) => ({ name, kind: 'number' as const, ...more });
const dated = (more: object = {}) => ({ name: 'Day', kind: 'date' as const, ...more });

it.each([
  ['years, as they are written', dated({ datePattern: 'YYYY' }), 'year'],
  ['quarters, as they are written', dated({ datePattern: 'Qn YYYY' }), 'quarter'],
  [
    'quarters, by their days',
    dated({ datePattern: 'YYYY-MM-DD', distinct: 4, range: [0, 274] }),
    'quarter',
  ],
  ['years, by their days', dated({ distinct: 3, range: [0, 731] }), 'year'],
  ['months', dated({ distinct: 12, range: [0, 334] }), 'month'],
  ['days', dated({ distinct: 300, range: [0, 334] }), 'month'],
])('opens on no empty picture: a source by %s', (_, date, grain) => {
  const chart = draftChart({ id: 1, columns: [date, named('Fares')], rows: 9 });
  expect([chart.grain, chart.title]).toEqual([grain, `Fares by ${grain}`]);
});

it.each([
  ['a receipt number', [named('Receipt no'), named('Fares')], 'Fares'],
  [
    'a running number',
    [named('Lfd', { distinct: 9, range: [1, 9] }), named('Fahrgäste')],
    'Fahrgäste',
  ],
  ['a year', [named('Year'), named('Fahrgäste')], 'Fahrgäste'],
  [
    'what never changes',
    [named('Boats', { distinct: 1, range: [4, 4] }), named('Fahrgäste')],
    'Fahrgäste',
  ],
  ['what is planned', [named('Budget'), named('Fahrgäste')], 'Fahrgäste'],
])('draws first what is worth it, not %s', (_, columns, wanted) => {
  expect(draftChart({ id: 1, columns: [dated(), ...columns], rows: 9 }).series[0]?.name).toBe(
    wanted,
  );
});

it.each([
  ['words', [named('Sailings'), worded('Weekday', 8)], 'Sailings by Weekday', 'words'],
  [
    'words of few',
    [worded('Remark', 900), worded('Port', 30), named('Fares')],
    'Fares by Port',
    'words',
  ],
  ['bare years', [named('Year'), named('Passengers')], 'Passengers by Year', 'numbers'],
])('draws a source without dates over its %s', (_, columns, title, axis) => {
  const chart = draftChart({ id: 1, columns, rows: 9 });
  expect([isDrawable({ id: 1, columns }), chart.title, chart.axis.kind]).toEqual([
    true,
    title,
    axis,
  ]);
  expect(chart.yardsticks).toEqual([]);
  expect(chartSchema.isValidSync(chart)).toBe(true);
});

it('offers no source of nothing but one column of figures, or words of which there are too many', () => {
  for (const columns of [[named('Fares')], [worded('Remark', 900), named('Fares')]])
    expect(isDrawable({ id: 1, columns })).toBe(false);
});

it('adds a series that is none of those drawn, for what its name says', () => {
  const columns = [dated(), named('Fares'), named('Target'), named('Budget 2026')];
  const add = (...drawn: string[]) => {
    const { name, role } = draftSeries({ id: 1, columns }, 's', 'other', drawn);
    return [name, role];
  };
  expect([add('Fares'), add('Fares', 'Target')]).toEqual([
    ['Target', 'target'],
    ['Budget 2026', 'budget'],
  ]);
});

it.each([
  ['month', 'Fares by month', 'day', 'Fares by day'],
  ['year', 'Fares', 'month', 'Fares by month'],
  ['day', 'Fares, by day', 'day', 'Fares by day'],
] as const)('shows a chart by %s from near: %s by %s', (grain, title, near, named) => {
  const linking = { linked: true, narrows: true, peek: peekAt(9) };
  const companion = companionChart({ ...drafted, grain, title, linking });
  expect(companion).toEqual({ ...drafted, grain: near, title: named, standouts: [] });
  const along = companionChart({ ...held, grain, title });
  expect(along.series).toMatchObject([{ id: 'series', mark: null }]);
});
