import { testChart, testSeries } from '../testing';
import type { ChartDefinition } from './definition';
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
const chart = (more: Partial<ChartDefinition>): ChartDefinition => {
  const made = testChart({ series: [rows('Fares', 'Fares')], ...more });
  return { ...made, title: more.title ?? titleOfChart(made) };
};

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
