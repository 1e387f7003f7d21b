import { testChart, testSeries } from '../testing';
import type { ChartDefinition } from '../chart';
import { titleOfChart, withFollowingWords } from './followingWords';

const rows = (name: string, column: string) => {
  const series = testSeries('one', { name });
  return { ...series, figures: { ...series.figures, column } as typeof series.figures };
};
const steps = (name: string, count: number) =>
  ({ id: 's', kind: 'steps', name, count, series: 'one' }) as const;
const band = (name: string, kind: 'deviation' | 'percentile') => {
  const edge =
    kind === 'deviation' ? { kind, times: 1, series: 'one' } : { kind, percent: 90, series: 'one' };
  return { id: 'b', kind: 'band', name, from: edge, to: edge, onAxis: false } as const;
};
const withYardstick = (yardstick: object) =>
  ({ yardsticks: [{ id: 'y', ...yardstick }] }) as unknown as Pick<ChartDefinition, 'yardsticks'>;
const level = (name: string, value: object) =>
  withYardstick({ kind: 'line', name, value, shading: 'none', onAxis: true });
const at = (name: string, more: object) =>
  withYardstick({ kind: 'foundDate', name, dial: null, offsetDays: 0, ...more });
const each = (name: string, on: object) => withYardstick({ kind: 'recurring', name, ...on });
const stretch = (name: string, to: string | null) =>
  withYardstick({ kind: 'dates', name, from: '2026-01-05', to });
const readings = (name: string, from: object, to: object) =>
  withYardstick({ kind: 'readings', name, series: 'one', from, to, onAxis: true });
const percentile = (percent: number) => ({ kind: 'percentile', percent });
const statistic = (which: string) => ({ kind: 'statistic', statistic: which, series: 'one' });
const chart = (more: Partial<ChartDefinition>): ChartDefinition => {
  const made = testChart({ series: [rows('Fares', 'Fares')], ...more });
  return { ...made, title: more.title ?? titleOfChart(made) };
};

/** What a yardstick is called after it was changed, from what it was called before. */
function followed(
  cases: [string, Partial<ChartDefinition>, string, Partial<ChartDefinition>][],
): [string, ChartDefinition, Partial<ChartDefinition>, object][] {
  return cases.map(([name, before, next, after]) => [
    `${name} to ${next}`,
    chart(before),
    after,
    { yardsticks: [{ name: next }] },
  ]);
}

it.each<[string, ChartDefinition, Partial<ChartDefinition>, object]>([
  ['the period', chart({}), { grain: 'day' }, { title: 'Fares by day' }],
  [
    'the column that is drawn',
    chart({}),
    { series: [rows('Fares', 'Amount')] },
    { title: 'Amount by month', series: [{ name: 'Amount' }] },
  ],
  [
    'how many steps there are',
    chart({ yardsticks: [steps('Fifths', 5)] }),
    { yardsticks: [steps('Fifths', 10)] },
    { yardsticks: [{ name: 'Tenths' }] },
  ],
  [
    'what a band is between',
    chart({ yardsticks: [band('Usual range', 'deviation')] }),
    { yardsticks: [band('Usual range', 'percentile')] },
    { yardsticks: [{ name: 'Between percentiles' }] },
  ],
  ...followed([
    ['Mean', level('Mean', statistic('mean')), 'Median', level('Mean', statistic('median'))],
    [
      'Level',
      level('Level', { kind: 'number', number: 5 }),
      '90th percentile',
      level('Level', { ...percentile(90), series: 'one' }),
    ],
    [
      'Last actual',
      at('Last actual', { at: 'lastActual' }),
      '1 day before year end',
      at('Last actual', { at: 'yearEnd', offsetDays: -1 }),
    ],
    [
      'Quarter ends',
      each('Quarter ends', { each: 'quarterEnd', weekday: 4 }),
      'Thursdays',
      each('Quarter ends', { each: 'weekday', weekday: 4 }),
    ],
    ['Date', stretch('Date', null), 'Stretch', stretch('Date', '2026-02-01')],
    [
      'Most readings',
      readings('Most readings', percentile(10), percentile(90)),
      'All readings',
      readings('Most readings', percentile(0), percentile(100)),
    ],
  ]),
])('follows %s', (_, before, changed, wanted) => {
  expect(withFollowingWords(before, { ...before, ...changed })).toMatchObject(wanted);
});

it.each<[string, ChartDefinition, Partial<ChartDefinition>]>([
  ['a title', chart({ title: 'How we do' }), { grain: 'day' }],
  [
    'the name of a series',
    chart({ title: 'x', series: [rows('Takings', 'Fares')] }),
    { series: [rows('Takings', 'Amount')] },
  ],
  [
    'the name of a yardstick',
    chart({ yardsticks: [steps('Classes', 5)] }),
    { yardsticks: [steps('Classes', 10)] },
  ],
  ['what is written now', chart({}), { title: 'Now', grain: 'day' }],
])('leaves %s that somebody has written', (_, before, changed) => {
  const after = { ...before, ...changed };
  expect(withFollowingWords(before, after)).toEqual(after);
});

it('lets formulas follow the series whose name follows its column', () => {
  const formula = testSeries('two', { figures: { kind: 'formula', text: 'Fares * 2' } as never });
  const before = chart({ series: [rows('Fares', 'Fares'), formula] });
  const after = { ...before, series: [rows('Fares', 'Amount'), formula] };
  expect(withFollowingWords(before, after).series[1]?.figures).toMatchObject({
    text: 'Amount * 2',
  });
});
