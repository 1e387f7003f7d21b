import { testChart, testSeries } from '../testing';
import { type ChartDefinition, namedAlready, namedParts, type Part } from '../chart';
import { withOwnNames, withRenamed } from './renaming';

const formula = (id: string, text: string) =>
  testSeries(id, { name: id, figures: { kind: 'formula', text } });
const line = (id: string, name: string) => ({
  id,
  kind: 'line' as const,
  name,
  value: { kind: 'number' as const, number: 1 },
  shading: 'none' as const,
  onAxis: true,
});
const dial = (id: string, name: string) => ({
  id,
  kind: 'number' as const,
  name,
  value: 1,
  from: 0,
  to: 2,
  step: 1,
});

const chart: ChartDefinition = {
  ...testChart({
    series: [
      testSeries('fares', { name: 'Fares' }),
      formula('half', 'fares / 2 + Share'),
      formula('least', 'min("Fares", 2)'),
    ],
    yardsticks: [line('mean', 'Mean'), { id: 'today', kind: 'today', offsetDays: 0 }],
    dials: [dial('share', 'Share')],
  }),
  title: '{fares} at { Mean } by {Share}, {today}',
};
const part = (of: Part['of'], id: string): Part => ({ of, id });

it.each<[Part, string, string[], string]>([
  [
    part('series', 'fares'),
    'Fare revenue',
    ['"Fare revenue" / 2 + Share', 'min("Fare revenue", 2)'],
    '{Fare revenue} at { Mean } by {Share}, {today}',
  ],
  [
    part('series', 'fares'),
    'min',
    ['"min" / 2 + Share', 'min("min", 2)'],
    '{min} at { Mean } by {Share}, {today}',
  ],
  [
    part('series', 'fares'),
    'the "new" {ones}',
    ['"the ""new"" {ones}" / 2 + Share', 'min("the ""new"" {ones}", 2)'],
    '{"the ""new"" {ones}"} at { Mean } by {Share}, {today}',
  ],
  [
    part('dials', 'share'),
    'Part',
    ['fares / 2 + Part', 'min("Fares", 2)'],
    '{fares} at { Mean } by {Part}, {today}',
  ],
  [
    part('yardsticks', 'mean'),
    'Median',
    ['fares / 2 + Share', 'min("Fares", 2)'],
    '{fares} at {Median} by {Share}, {today}',
  ],
  [
    part('yardsticks', 'mean'),
    'SHARE ',
    ['fares / 2 + Share', 'min("Fares", 2)'],
    '{fares} at {SHARE 2} by {Share}, {today}',
  ],
])('lets all that names %j follow to %j', (which, name, texts, title) => {
  const renamed = withRenamed(chart, which, name);
  const formulas = renamed.series.flatMap(({ figures }) =>
    figures.kind === 'formula' ? figures.text : [],
  );
  expect([formulas, renamed.title]).toEqual([texts, title]);
  const again = withRenamed(
    renamed,
    which,
    namedParts(chart).find(({ id }) => id === which.id)?.name ?? '',
  );
  expect(namedParts(again)).toEqual(namedParts(chart));
});

it('gives what is added a name of its own, and leaves those that are there alone', () => {
  const added = {
    ...chart,
    yardsticks: [line('one', 'fares'), ...chart.yardsticks, line('two', 'Fares')],
    dials: [...chart.dials, dial('more', 'mean')],
  };
  expect(namedParts(withOwnNames(chart, added)).map(({ name }) => name)).toEqual([
    'Fares',
    'half',
    'least',
    'fares 2',
    'Mean',
    'Fares 3',
    'Share',
    'mean 2',
  ]);
  expect(withOwnNames(chart, chart)).toBe(chart);
});

it('tells whether a name is free for a part', () => {
  expect(namedAlready(chart, ' FARES', part('series', 'fares'))).toBeNull();
  expect(namedAlready(chart, ' FARES', part('dials', 'share'))).toMatchObject({ id: 'fares' });
  expect(namedAlready(chart, 'Fare', part('dials', 'share'))).toBeNull();
});
