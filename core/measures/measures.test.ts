import { chartFrames, dialsAsked, expandChart } from '../figures';
import { testChart, testFrame, testSeries } from '../testing';
import { dependentsOf, type Measure, type MeasureDefinition, usesItself } from './index';

const measure = (id: number, name: string, definition: MeasureDefinition): Measure => ({
  id,
  sourceId: 1,
  name,
  definition,
});
const sum = (column: string): MeasureDefinition => ({
  kind: 'aggregate',
  date: 'Day',
  aggregate: 'sum',
  column,
  percent: 50,
  filters: [],
});
const formula = (text: string): MeasureDefinition => ({ kind: 'formula', text });

const all = [
  measure(1, 'Fares', sum('Fare revenue')),
  measure(2, 'Riders', sum('Passengers')),
  measure(3, 'Fare per rider', formula('Fares / Riders')),
  measure(4, 'In %', formula('100 * "Fare per rider"')),
];

it('finds what changes with a measure, and what would be worked out from itself', () => {
  expect([...dependentsOf(1, all)]).toEqual([1, 3, 4]);
  expect([...dependentsOf(4, all)]).toEqual([4]);
  expect(all.map((each) => usesItself(each, all))).toEqual([false, false, false, false]);
  const turned = measure(1, 'Fares', formula('"In %" * 2'));
  expect(usesItself(turned, [turned, ...all.slice(1)])).toBe(true);
});

it('works a measure out from the sums of what it names, whatever the chart calls its series', () => {
  const drawn = testSeries('Fares', { figures: { kind: 'measure', sourceId: 1, measureId: 4 } });
  const chart = expandChart(testChart({ series: [drawn] }), { measures: all });
  const rows = chart.series.flatMap(({ id, figures, hidden }) =>
    figures.kind === 'rows' ? [[id, figures.column, hidden]] : [],
  );
  expect(rows.map(([, column, hidden]) => [column, hidden])).toEqual([
    ['Fare revenue', true],
    ['Passengers', true],
  ]);
  const [fares, riders] = rows.map(([id]) => id as string) as [string, string];
  const frame = (values: (number | null)[]) =>
    testFrame({ periods: [20454, 20485, 20513], values: [values] });
  const aggregated = { [fares]: frame([10, 30, 8]), [riders]: frame([4, 0, 4]) };
  const { frames, problems } = chartFrames(chart, aggregated, 20_700);
  expect([Object.keys(frames), frames.Fares?.values[0], problems]).toEqual([
    ['Fares'],
    [250, null, 200],
    [],
  ]);
});

it.each([
  [9, 'Fares: its measure is gone. Choose another one.'],
  [null, 'Fares: choose the measure that it draws.'],
])('says so when there is no measure %s', (measureId, wanted) => {
  const figures = { kind: 'measure', sourceId: 1, measureId } as const;
  const chart = expandChart(testChart({ series: [testSeries('Fares', { figures })] }), {
    measures: all,
  });
  const { problems } = chartFrames(chart, {}, 20_700);
  expect(problems.map(({ sentence }) => sentence)).toEqual([wanted]);
});

it('lets formulas use dials, as their author has set them or a reader has turned them', () => {
  const dial = {
    id: 'd',
    kind: 'number',
    name: 'Rate',
    value: 2,
    from: 0,
    to: 5,
    step: 1,
  } as const;
  const fares = testSeries('Fares');
  const more = testSeries('More', { figures: { kind: 'formula', text: 'Fares * Rate' } });
  const chart = testChart({ series: [fares, more], dials: [dial] });
  const frame = testFrame({ periods: [20454], values: [[10]] });
  const drawn = (turned: Record<string, number | string>) =>
    chartFrames(chart, { Fares: frame }, 20_700, turned).frames.More?.values;
  // Beyond its range a dial does not turn; what is no position leaves it where it stands.
  expect([drawn({}), drawn({ Rate: 3 }), drawn({ Rate: 99 }), drawn({ Rate: 'x' })]).toEqual([
    [[20]],
    [[30]],
    [[50]],
    [[20]],
  ]);
  expect(dialsAsked(chart)).toEqual(['Rate']);
});

it('works with measures whose names formulas have to quote', () => {
  const named = [
    measure(1, 'Fares "net"', sum('Net')),
    measure(2, 'min', sum('Least')),
    measure(3, 'Both', formula('"Fares ""net""" + min("min", 9)')),
  ];
  const figures = { kind: 'measure', sourceId: 1, measureId: 3 } as const;
  const chart = expandChart(testChart({ series: [testSeries('Both', { figures })] }), {
    measures: named,
  });
  const [, net, least] = chart.series;
  const frame = (value: number) => testFrame({ periods: [20_454], values: [[value]] });
  const aggregated = { [net?.id ?? '']: frame(5), [least?.id ?? '']: frame(3) };
  const { frames, problems } = chartFrames(chart, aggregated, 20_700);
  expect([problems, frames.Both?.values]).toEqual([[], [[8]]]);
});
