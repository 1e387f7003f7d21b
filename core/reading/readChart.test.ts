import { formatDay, type Grain, nextPeriod, parseDay, periodStart } from '../calendar';
import { type ChartDefinition, type SeriesDefinition } from '../chart';
import { chartFrames } from '../figures';
import { draftRule, draftStandout } from '../editing';
import { testChart, testFrame, testSeries } from '../testing';
import type { Frame } from '../frame';
import { readChart } from './readChart';

const day = (text: string) => parseDay(text) as number;

function frame(figures: Record<string, number | null>, recordedGrain: Grain = 'month'): Frame {
  const periods = Object.keys(figures).map((month) => periodStart(day(`${month}-01`), 'month'));
  const last = periods.at(-1);
  const completeTo = last === undefined ? null : nextPeriod(last, 'month') - 1;
  return testFrame({ periods, values: [Object.values(figures)], completeTo, recordedGrain });
}

const series = (id: string, more: Partial<SeriesDefinition> = {}): SeriesDefinition =>
  testSeries(id, {
    role: id === 'Budget' ? 'budget' : 'actual',
    mark: id === 'Budget' ? null : { against: 'Budget', good: 'atLeast' },
    ...more,
  });

function chart(more: Partial<ChartDefinition> = {}): ChartDefinition {
  return testChart({
    title: 'Fares against budget',
    series: [series('Fares'), series('Budget')],
    yardsticks: [{ id: 'today', kind: 'today', offsetDays: 0 }],
    colourRules: [
      draftRule('off', 'Fares', { kind: 'mark', is: 'off' }, 'brick'),
      draftRule('on', 'Fares', { kind: 'mark', is: 'on' }, 'indigo'),
    ],
    standouts: [
      draftStandout('high', 'Fares', { kind: 'highest' }),
      draftStandout('low', 'Fares', { kind: 'lowest' }),
    ],
    ...more,
  });
}

const fares = { '2026-01': 10, '2026-02': 14, '2026-03': null, '2026-04': 20, '2026-05': 3 };
const budget = {
  '2026-01': 12,
  '2026-02': 12,
  '2026-03': 12,
  '2026-04': 20,
  '2026-05': 12,
  '2026-06': 12,
};

/** Reads a chart of one panel, or the first of several. */
function readOf(definition: ChartDefinition, aggregated: Record<string, Frame>, today: string) {
  const { frames } = chartFrames(definition, aggregated, day(today));
  const reading = readChart(definition, frames, { today: day(today) });
  const [panel] = reading.panels;
  const { series: lines = [], standouts = [], yardsticks = [] } = panel ?? {};
  return { ...reading, periods: reading.positions, series: lines, standouts, yardsticks, panel };
}

function read(definition: ChartDefinition, actual: Frame = frame(fares), today = '2026-05-20') {
  const [first, second] = definition.series;
  const aggregated = {
    ...(first && { [first.id]: actual }),
    ...(second && { [second.id]: frame(budget) }),
  };
  return readOf(definition, aggregated, today);
}

describe('a chart of actuals against a budget', () => {
  const reading = read(chart());
  const [actual] = reading.series;

  it('judges finished figures only, and none that is missing', () => {
    expect(actual?.comparison?.judgements).toEqual(['off', 'on', null, 'on', null, null]);
    expect(actual?.caughtBy).toEqual(['off', 'on', null, 'on', null, null]);
    expect(actual?.comparison?.differences).toEqual([-2, 2, null, 0, -9, null]);
    expect(actual?.comparison?.running).toEqual([-2, 0, null, 0, null, null]);
    expect(reading.rules.map(({ name, caught }) => [name, caught])).toEqual([
      ['Under Budget', 1],
      ['On or over Budget', 2],
    ]);
  });

  it('changes colour exactly at the crossing and leaves the gap open', () => {
    const [january, february] = reading.periods.map(({ middle }) => middle) as [number, number];
    const drawn = actual?.pieces.map(({ x, colour, open }) => [x[0], x.at(-1), colour, open]);
    const half = (january + february) / 2;
    expect(drawn).toEqual([
      [january, half, 'brick', false],
      [half, february, 'indigo', false],
      [reading.periods[3]?.middle, reading.periods[4]?.middle, 'ink', true],
    ]);
  });

  it('keeps the open period out of extremes and totals, and says so', () => {
    expect(reading.standouts.map(({ by, figure }) => [by[0]?.kind, figure])).toEqual([
      ['highest', 20],
      ['lowest', 10],
    ]);
    expect(reading.remarks).toEqual([
      'May 2026 is not complete yet: it is drawn lighter and not judged.',
    ]);
    expect(reading.standing).toBe('Fares stands at 44 this year, exactly on Budget.');
    expect(reading.summary).toContain('Fares ends at 3 in May 2026');
  });

  it('moves crossing, extremes and labels when one actual changes', () => {
    const again = read(chart(), frame({ ...fares, '2026-02': 10, '2026-04': 8 }));
    expect(again.series[0]?.comparison?.judgements).toEqual([
      'off',
      'off',
      null,
      'off',
      null,
      null,
    ]);
    expect(again.series[0]?.comparison?.spells.map(({ from, to }) => [from, to])).toEqual([
      [0, 1],
      [3, 3],
    ]);
    expect(again.standouts.map(({ by, label, period }) => [by[0]?.kind, label, period])).toEqual([
      ['highest', '10', 0],
      ['highest', '10', 1],
      ['lowest', '8', 3],
    ]);
  });
});

it('turns the good side for costs', () => {
  const costs = series('Fares', { mark: { against: 'Budget', good: 'atMost' } });
  const reading = read(chart({ series: [costs, series('Budget')] }));
  expect(reading.series[0]?.comparison?.judgements.slice(0, 2)).toEqual(['on', 'off']);
  expect(reading.rules[0]?.name).toBe('Over Budget');
});

it.each([
  { value: { kind: 'number', number: 15 } as const, found: 15, scope: '' },
  {
    value: { kind: 'statistic', statistic: 'mean', series: 'Fares' } as const,
    found: 44 / 3,
    scope: 'mean of Fares over 3 finished figures shown',
  },
  {
    value: { kind: 'statistic', statistic: 'median', series: 'Fares' } as const,
    found: 14,
    scope: 'median of Fares over 3 finished figures shown',
  },
  {
    value: { kind: 'statistic', statistic: 'mean', series: 'gone' } as const,
    found: null,
    scope: 'mean of a series that is gone over 0 finished figures shown',
  },
])('finds the yardstick $scope$value.number', ({ value, found, scope }) => {
  const line = {
    id: 'level',
    kind: 'line',
    name: 'Level',
    value,
    shading: 'none',
    onAxis: true,
  } as const;
  const compared = series('Fares', { mark: { against: 'level', good: 'atLeast' } });
  const reading = read(chart({ yardsticks: [line], series: [compared, series('Budget')] }));
  expect(reading.yardsticks[0]).toMatchObject({ value: found, scope });
  expect(reading.series[0]?.comparison?.markName ?? null).toBe(found === null ? null : 'Level');
});

it('reads daily figures that stop inside a month as not complete', () => {
  const daily = { ...frame(fares, 'day'), completeTo: day('2026-05-20') };
  const reading = read(chart(), daily, '2026-08-01');
  expect(
    reading.periods
      .map(({ start, open }) => [formatDay(start).slice(0, 7), open])
      .filter(([, open]) => open),
  ).toEqual([
    ['2026-05', true],
    ['2026-06', true],
  ]);
});

it.each([
  ['refused', 'so it is not drawn by day. Choose month or longer, or spread it evenly'],
  ['divided', 'Budget is recorded by month and is spread evenly over its days.'],
  ['repeated', 'Budget is recorded by month: its level holds for each day of it.'],
] as const)('says how a coarser budget is drawn: %s', (within, sentence) => {
  const plan = {
    ...frame(budget),
    within,
    ...(within === 'refused' && { periods: [], values: [] }),
  };
  const reading = readOf(
    chart({ grain: 'day' }),
    { Fares: frame({ '2026-01': 1 }, 'day'), Budget: plan },
    '2026-07-01',
  );
  expect(reading.remarks[0]).toContain(sentence);
  // The axis ends with what is drawn, not with a budget that is not.
  expect(reading.periods.length > 1).toBe(within !== 'refused');
});

it('keeps the colours of a split when a new word arrives', () => {
  const split = series('Fares', {
    split: { column: 'route', order: ['South', 'North'], coloured: [], colourBy: null, top: null },
    mark: null,
  });
  const routes = (keys: string[]) => ({
    ...frame({}),
    keys,
    periods: [day('2026-01-01')],
    values: keys.map(() => [1]),
  });
  const strokes = (keys: string[]) =>
    Object.fromEntries(
      read(chart({ series: [split] }), routes(keys)).series.map(({ key, stroke }) => [
        key,
        stroke.colour,
      ]),
    );
  const before = strokes(['North', 'South']);
  expect(strokes(['Ashby', 'North', 'South'])).toMatchObject(before);
});

it.each([
  ['one point', { '2026-01': 5 }, { highest: 5, lowest: 5, pieces: 1, judged: 1 }],
  [
    'nothing but gaps',
    { '2026-01': null, '2026-02': null },
    { highest: undefined, lowest: undefined, pieces: 0, judged: 0 },
  ],
  [
    'negative figures',
    { '2026-01': -5, '2026-02': -9 },
    { highest: -5, lowest: -9, pieces: 1, judged: 2 },
  ],
  ['zeros', { '2026-01': 0, '2026-02': 0 }, { highest: 0, lowest: 0, pieces: 1, judged: 2 }],
  [
    'points without neighbours',
    { '2026-01': 5, '2026-03': 6, '2026-05': null },
    { highest: 6, lowest: 5, pieces: 2, judged: 2 },
  ],
])('reads %s', (_, figures, wanted) => {
  const reading = read(chart(), frame(figures), '2026-12-01');
  const found = (pick: string) =>
    reading.standouts.find(({ by }) => by.some(({ kind }) => kind === pick))?.figure;
  const [line] = reading.series;
  expect({
    highest: found('highest'),
    lowest: found('lowest'),
    pieces: line?.pieces.length,
    judged: line?.comparison?.judgements.filter(Boolean).length,
  }).toEqual(wanted);
  expect(reading.panel?.axis.to).toBeGreaterThan(reading.panel?.axis.from ?? NaN);
});

it('reads a chart without figures as empty, not as broken', () => {
  const reading = readChart(chart(), {}, { today: 0 });
  expect(reading.positions).toEqual([]);
  expect(reading.summary).toBe('Fares against budget: nothing to draw yet.');
});
