import fc from 'fast-check';
import { formatDay, type Grain, grains, parseDay, periodsBetween, periodStart } from '../calendar';
import type { Frame } from '../frame';
import cuts from '../vectors/cut.json';
import { chartFrames } from './chartFrames';
import type { SeriesFrame } from './seriesFrame';
import type { ChartDefinition, SeriesDefinition, SplitDefinition } from '../chart';
import { draftRule, draftStandout } from '../editing';
import { testChart, testFrame, testSeries } from '../testing';

const day = (text: string) => parseDay(text) as number;
const months = ['2026-01-01', '2026-02-01', '2026-03-01', '2026-04-01'].map(day);
const frame = testFrame({
  periods: months,
  keys: ['East', 'North', 'West'],
  values: [
    [1, null, null, null],
    [null, 2, 3, null],
    [null, null, 4, 5],
  ],
  completeTo: day('2026-04-20'),
  recordedGrain: 'day',
});
const counted = testSeries('a');
const split = testSeries('a', {
  split: {
    column: 'Route',
    order: ['West', 'Gone', 'North'],
    coloured: [],
    colourBy: null,
    top: null,
  },
});
const chart = testChart();
const span = (from: string | null, to: string | null) =>
  testChart({ span: { kind: 'fixed', from, to } });

/** What one series draws of a frame. */
function seriesFrame(of: ChartDefinition, series: SeriesDefinition, whole: Frame): SeriesFrame {
  const { frames } = chartFrames({ ...of, series: [series] }, { [series.id]: whole }, 20_700);
  return frames[series.id] as SeriesFrame;
}

it('draws all of it, in the order of the series, without a span', () => {
  const drawn = seriesFrame(chart, split, frame);
  expect(drawn.keys).toEqual(['West', 'North', 'East']);
  expect(drawn.values[2]).toEqual([1, null, null, null]);
  expect([drawn.colourPlaces, drawn.completeTo]).toEqual([[0, 2, 3], frame.completeTo]);
  expect(drawn.extent).toEqual({ from: months[0], to: months[3] });
});

it('lists words in another order without giving them other colours', () => {
  const moved = { ...split.split, order: ['North', 'West', 'East'] } as SplitDefinition;
  const coloured = ['West', 'Gone', 'North'];
  const drawn = seriesFrame(chart, { ...split, split: { ...moved, coloured } }, frame);
  expect([drawn.keys, drawn.colourPlaces]).toEqual([
    ['North', 'West', 'East'],
    [2, 0, 3],
  ]);
});

it.each([
  ['from the middle of a month', span('2026-02-15', null), ['West', 'North'], [1, 3], '2026-04-20'],
  ['to the middle of a month', span(null, '2026-02-10'), ['North', 'East'], [0, 1], '2026-02-28'],
  ['within', span('2026-02-01', '2026-02-01'), ['North'], [1, 1], '2026-02-28'],
  [
    'beyond both ends',
    span('2020-01-01', '2030-01-01'),
    ['West', 'North', 'East'],
    [0, 3],
    '2026-04-20',
  ],
] as const)('cuts it %s', (_, cut, keys, [first, last], completeTo) => {
  const drawn = seriesFrame(cut, split, frame);
  expect(drawn.keys).toEqual(keys);
  expect(drawn.extent).toEqual({ from: months[first], to: months[last] });
  expect(drawn.periods).toEqual(months.slice(first, last + 1));
  expect(formatDay(drawn.completeTo as number)).toBe(completeTo);
});

it('has nothing where the span lies beside it, and keeps the line of a series without a split', () => {
  const beside = seriesFrame(span('2027-01-01', null), split, frame);
  expect([beside.extent, beside.keys, beside.periods]).toEqual([null, [], []]);
  const alone = seriesFrame(span('2026-04-01', null), counted, {
    ...frame,
    keys: [''],
    values: [[1, null, null, null]],
  });
  expect([alone.keys, alone.values]).toEqual([[''], [[null]]]);
});

it('lets nothing out of the span through, at any grain', () => {
  const days = fc.integer({ min: 20_400, max: 20_900 });
  fc.assert(
    fc.property(days, days, fc.constantFrom<Grain>(...grains), (from, to, grain) => {
      const periods = periodsBetween(20_400, 20_900, grain);
      const all = { ...frame, periods, keys: [''], values: [periods.map((start) => start)] };
      const cut = { ...span(formatDay(from), formatDay(to)), grain };
      const drawn = seriesFrame(cut, counted, all);
      const wanted = periods.filter(
        (start) => start >= periodStart(from, grain) && start <= periodStart(to, grain),
      );
      expect([drawn.periods, drawn.values]).toEqual([wanted, [wanted]]);
    }),
  );
});

const figuresOf = (...values: (number | null)[]) =>
  testFrame({ periods: months.slice(0, values.length), values: [values], completeTo: 30_000 });
const formula = (text: string) => testSeries('f', { figures: { kind: 'formula', text } });

it.each([
  ['a - b', [-1, null, 0.2], true, true],
  ['b / a', [11, null, null], false, false],
  ['if(a > 0, a, b)', [0.1, 5, -0.2], true, false],
  ['a - c', [-9.9, -5, -10], true, false],
])('works out the formula %s over other series', (text, wanted, exact, additive) => {
  const constant = testSeries('c', { figures: { kind: 'constant', number: 10 } });
  const series = [testSeries('a'), testSeries('b'), constant, formula(text)];
  const frames = { a: figuresOf(0.1, 5, 0), b: figuresOf(1.1, null, -0.2) };
  const found = chartFrames(testChart({ series }), frames, 20_700);
  expect(found.problems).toEqual([]);
  const { f } = found.frames;
  expect(f?.values[0]?.map((figure) => figure && Number(figure.toFixed(9)))).toEqual(wanted);
  expect([f?.exact, f?.additive]).toEqual([exact, additive]);
});

it.each([
  ['f', 'f: There is no “f”'],
  ['a +', 'f: The formula cannot be read'],
  ['', 'f: Write a formula'],
])('says what is wrong with the formula “%s”, and draws the rest', (text, sentence) => {
  const chart = testChart({ series: [testSeries('a'), formula(text)] });
  const { frames, problems } = chartFrames(chart, { a: figuresOf(1) }, 20_700);
  expect(Object.keys(frames)).toEqual(['a']);
  expect(problems[0]?.sentence).toContain(sentence);
});

it('lets out of a series that is not drawn no more than is held against it', () => {
  const hidden = testSeries('a', { hidden: true });
  const ratio = formula('a * 2');
  const sent = (more: Partial<ChartDefinition> = {}) => {
    const chart = testChart({ series: [hidden, ratio], ...more });
    return Object.keys(chartFrames(chart, { a: figuresOf(1) }, 20_700).frames);
  };
  expect(sent()).toEqual(['f']);
  const held = { ...ratio, mark: { against: 'a', good: 'atLeast' as const } };
  expect(sent({ series: [hidden, held] })).toEqual(['a', 'f']);
  const value = { kind: 'statistic', statistic: 'mean', series: 'a' } as const;
  const mean = {
    id: 'm',
    kind: 'line',
    name: 'Mean',
    value,
    shading: 'none',
    onAxis: true,
  } as const;
  expect(sent({ yardsticks: [mean] })).toEqual(['a', 'f']);
  // A standout looks at its own series, which is not drawn.
  const top = draftStandout('s', 'a', { kind: 'highest' });
  expect(sent({ standouts: [top] })).toEqual(['f']);
  const over = draftRule('r', 'f', { kind: 'series', is: 'over', series: 'a' }, 'brick');
  expect(sent({ colourRules: [over] })).toEqual(['a', 'f']);
});

it('sends the figures of one year before those shown, of a series that is drawn', () => {
  const periods = ['2024-12-01', '2025-01-01', '2025-02-01', '2026-01-01'].map(day);
  const whole = testFrame({ periods, values: [[1, 2, 3, 4]] });
  const shown = span('2026-01-01', null);
  const earlier = (series: SeriesDefinition, of = shown) => seriesFrame(of, series, whole).earlier;
  // December lies more than a year before the first month that is shown.
  expect(earlier(counted)).toEqual({ periods: periods.slice(1, 3), values: [[2, 3]] });
  expect(earlier(counted, span(null, null))).toBeUndefined();
  expect(earlier(testSeries('a', { derived: { kind: 'index' } }))).toBeUndefined();
  expect(earlier(counted, testChart({ ...shown, axis: { kind: 'recorded' } }))).toBeUndefined();
  const against = testSeries('b', { mark: { against: 'a', good: 'atLeast' } });
  const { frames } = chartFrames(
    { ...shown, series: [testSeries('a', { hidden: true }), against] },
    { a: whole, b: whole },
    20_700,
  );
  expect([frames.a?.earlier, frames.b?.earlier?.values]).toEqual([undefined, [[2, 3]]]);
});

it('leaves out what is beyond the range of figures, and says so', () => {
  const chart = testChart({ series: [testSeries('a'), formula('a * 1e308 * 1e308 * 2')] });
  const { frames, problems } = chartFrames(chart, { a: figuresOf(1, 2, 3, null) }, 20_700);
  expect(frames.f?.values).toEqual([[null, null, null, null]]);
  expect(problems.map(({ sentence }) => sentence)).toEqual([
    'f: 3 figures are beyond a thousand million million, and so missing.',
  ]);
});

it('does not go round in formulas that use each other', () => {
  const one = testSeries('one', { figures: { kind: 'formula', text: 'two + 1' } });
  const two = testSeries('two', { figures: { kind: 'formula', text: 'one + 1' } });
  const { frames, problems } = chartFrames(testChart({ series: [one, two] }), {}, 20_700);
  expect([frames, problems.map(({ sentence }) => sentence)]).toEqual([
    {},
    ['one: It uses itself.', 'two: It uses itself.'],
  ]);
});

it('works a formula out word by word, and lets what is not split serve all words', () => {
  const routes = testSeries('a', {
    split: { column: 'Route', order: [], coloured: [], colourBy: null, top: null },
  });
  const series = [routes, testSeries('b'), { ...formula('a / b'), split: routes.split }];
  const frames = { a: frame, b: figuresOf(2, 4, null, 10) };
  const { f } = chartFrames(testChart({ series }), frames, 20_700).frames;
  expect([f?.keys, f?.values]).toEqual([
    ['East', 'North', 'West'],
    [
      [0.5, null, null, null],
      [null, 0.5, null, null],
      [null, null, null, 0.5],
    ],
  ]);
});

const kinds = {
  runningTotal: { kind: 'runningTotal', anew: 'never' },
  change: { kind: 'change', on: 'periodBefore', as: 'difference' },
  index: { kind: 'index' },
} as const;

it.each(cuts.cases)('derives over all there is, then cuts: $from to $to of $values', (vector) => {
  const starts = periodsBetween(20_089, 21_500, 'month').slice(0, vector.values.length);
  const at = (place: number) => formatDay(starts[place] as number);
  const whole = testFrame({ periods: starts, values: [vector.values] });
  for (const [name, derived] of Object.entries(kinds)) {
    const drawn = seriesFrame(
      span(at(vector.from), at(vector.to)),
      testSeries('a', { derived }),
      whole,
    );
    const wanted = vector[name as keyof typeof kinds];
    drawn.values[0]?.forEach((figure, place) => {
      if (wanted[place] === null) expect(figure).toBeNull();
      else expect(figure).toBeCloseTo(wanted[place] as number, 9);
    });
    expect(drawn.values[0]).toHaveLength(wanted.length);
  }
});
