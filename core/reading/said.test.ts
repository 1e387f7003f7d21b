import { dayOfDate } from '../calendar';
import { type ChartDefinition } from '../chart';
import { chartFrames, drawnChart } from '../figures';
import { draftRule } from '../editing';
import { testChart, testFrame, testSeries } from '../testing';
import { readChart } from './readChart';

const months = Array.from({ length: 12 }, (_, month) => dayOfDate(2025, month + 1, 1));
const today = dayOfDate(2026, 2, 1);

const read = (chart: ChartDefinition, values: Record<string, number[]>, exact = true) => {
  const aggregated = Object.fromEntries(
    Object.entries(values).map(([id, figures]) => {
      const completeTo = dayOfDate(2025, 12, 31);
      return [id, testFrame({ periods: months, values: [figures], completeTo, exact })];
    }),
  );
  const { frames } = chartFrames(chart, aggregated, today);
  return readChart(drawnChart(chart), frames, { today });
};

const takings = [
  36_000, 36_300, 36_000.5, 36_200, 35_900, 36_100, 36_000, 36_200, 36_100, 36_100, 36_199.5,
  36_200,
];

it('adds no level up: nothing stands exactly on a mean, or next to nothing under it', () => {
  const mean = {
    id: 'mean',
    kind: 'line',
    name: 'Monthly average',
    shading: 'none',
    onAxis: true,
    value: { kind: 'statistic', statistic: 'mean', series: 'fares' },
  } as const;
  const fares = testSeries('fares', { name: 'Fares', mark: { against: 'mean', good: 'atLeast' } });
  const { standing } = read(testChart({ series: [fares], yardsticks: [mean as never] }), {
    fares: takings,
  });
  expect(standing).toMatch(/^Fares was on the mark in \d+ of 12 months/);
});

it('says nothing of what is left of a division by its rounding', () => {
  const plan = testSeries('plan', { name: 'Plan', role: 'budget' });
  const fares = testSeries('fares', { name: 'Fares', mark: { against: 'plan', good: 'atLeast' } });
  const twelfth = takings.reduce((sum, each) => sum + each, 0) / 12;
  const { standing } = read(
    testChart({ series: [fares, plan] }),
    { fares: takings, plan: Array<number>(12).fill(twelfth) },
    false,
  );
  expect(standing).toBe('Fares stood at 433.3k in 2025, exactly on Plan.');
});

it('says of a derived series what it is derived as', () => {
  const total = testSeries('fares', {
    name: 'Fares',
    mark: { against: 'plan', good: 'atLeast' } as const,
    derived: { kind: 'runningTotal', anew: 'eachYear' },
  });
  const plan = testSeries('plan', { name: 'Plan', role: 'budget' });
  const { standing, summary } = read(testChart({ series: [total, plan] }), {
    fares: takings,
    plan: takings.map((figure) => figure + 1),
  });
  expect(standing).toContain('Fares (running total of the year) ');
  expect(summary).toContain('Fares (running total of the year) ends at');
  expect(summary).toContain('Plan ends at');
});

it('tells lines of one name apart', () => {
  const series = [
    testSeries('a', { name: 'Visits' }),
    testSeries('b', { name: 'Visits', role: 'budget' }),
  ];
  const { summary } = read(testChart({ series }), { a: takings, b: takings });
  expect(summary).toContain('Visits (actual) ends at');
  expect(summary).toContain('Visits (budget) ends at');
});

it.each([
  [['bars'], 'Bar chart'],
  [['bars', 'straight'], 'Chart of lines and bars'],
  [['straight'], 'Line chart'],
] as const)('calls %j a %s', (shapes, words) => {
  const series = shapes.map((shape, at) => {
    const plain = testSeries(`s${at}`, { name: `S${at}` });
    return { ...plain, stroke: { ...plain.stroke, shape } };
  });
  const values = Object.fromEntries(series.map(({ id }) => [id, takings]));
  expect(read(testChart({ series }), values).summary).toContain(`Test. ${words}, `);
});

it('draws no band between figures of two value axes, and says so', () => {
  const edge = (series: string) => ({ kind: 'statistic', statistic: 'mean', series });
  const band = { id: 'band', kind: 'band', name: 'Between', onAxis: false, from: edge('a') };
  const series = (axis: 'first' | 'second') => [
    testSeries('a', { name: 'Fares' }),
    testSeries('b', { name: 'Riders', valueAxis: axis }),
  ];
  const of = (axis: 'first' | 'second') => {
    const yardsticks = [{ ...band, to: edge('b') }] as unknown as ChartDefinition['yardsticks'];
    const values = { a: takings, b: takings.map((figure) => figure / 2) };
    const { remarks, panels } = read(testChart({ series: series(axis), yardsticks }), values);
    return [remarks, panels[0]?.yardsticks.map(({ name }) => name)];
  };
  expect(of('first')).toEqual([[], ['Between']]);
  expect(of('second')).toEqual([
    [
      '“Between” is found from series on both value axes, so it is not drawn. Take it from series on one.',
    ],
    [],
  ]);
});

it('catches by its own dates what is laid over other years', () => {
  const rule = draftRule('late', 'a', { kind: 'dates', is: 'from', date: '2025-11-15' }, 'plum');
  const chart = testChart({
    series: [testSeries('a', { name: 'Fares' })],
    arrangement: { kind: 'years' },
    colourRules: [rule],
  });
  const { panels } = read(chart, { a: takings });
  const caught = panels[0]?.series.map(({ caughtBy }) => caughtBy.map((id) => id === 'late'));
  expect(caught).toEqual([[...Array<boolean>(10).fill(false), true, true]]);
});
