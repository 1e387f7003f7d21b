import { parseDay, periodsBetween } from '../calendar';
import { chartFrames, drawnChart } from '../figures';
import { draftRule } from '../editing';
import { conditionKinds } from '../conditions';
import { testChart, testFrame, testSeries } from '../testing';
import type { Figures } from '../values';
import { heldAs, suggestedOf, type YardstickDefinition, yardstickKinds } from '../yardsticks';
import { linesOf, readChart } from './index';

const day = (text: string) => parseDay(text) as number;
const periods = periodsBetween(day('2026-01-01'), day('2026-05-01'), 'month');
const today = day('2026-07-10');
const figures = {
  Fares: [5, 12, 20, 8, 16],
  Low: [6, 6, 6, 6, 6],
  High: [4, 12, 18, 10, null],
};

/** One of every kind, with a name of its own. */
const yardsticks = yardstickKinds.map((each) => {
  const { kind } = each;
  const names = {
    series: ['Fares', 'Low'].map((name) => ({ id: name, name })),
    source: [{ id: 1, name: 'Works', date: 'Begun', columns: [] }],
  };
  const [first] = suggestedOf(each, { names, level: 12, today: '2026-03-15' });
  const more = {
    line: { shading: 'beneath' },
    band: { from: { kind: 'number', number: 8 }, to: { kind: 'number', number: 16 } },
    between: { from: { series: 'High' }, to: { series: 'Low' } },
    steps: { series: 'Low' },
  };
  const draft = { ...first, ...more[kind as keyof typeof more], id: kind, name: kind };
  return draft as YardstickDefinition;
});

/** Between what figures are held, worked out by hand; those that are left out hold nothing. */
const edges: Partial<Record<YardstickDefinition['kind'], readonly [Figures, Figures]>> = {
  line: [Array(5).fill(12), Array(5).fill(12)],
  band: [Array(5).fill(8), Array(5).fill(16)],
  between: [
    [4, 6, 6, 6, null],
    [6, 12, 18, 10, null],
  ],
  steps: [Array(5).fill(6), Array(5).fill(6)],
};

const sides = {
  over: (figure: number, _low: number, high: number) => figure > high,
  atLeast: (figure: number, _low: number, high: number) => figure >= high,
  under: (figure: number, low: number) => figure < low,
  atMost: (figure: number, low: number) => figure <= low,
  inside: (figure: number, low: number, high: number) => figure >= low && figure <= high,
  outside: (figure: number, low: number, high: number) => figure < low || figure > high,
};

function read(more: Parameters<typeof testChart>[0]) {
  const chart = testChart({
    series: Object.keys(figures).map((name) => testSeries(name)),
    yardsticks,
    ...more,
  });
  const aggregated = Object.fromEntries(
    Object.entries(figures).map(([name, values]) => [
      name,
      testFrame({ periods, values: [values], completeTo: today }),
    ]),
  );
  const { frames } = chartFrames(chart, aggregated, today);
  const [line] = linesOf(readChart(drawnChart(chart), frames, { today, dials: {} }));
  return line;
}

const kinds = yardsticks.map(({ kind }) => kind);

it.each(kinds.flatMap((kind) => Object.keys(sides).map((is) => [is, kind] as const)))(
  'catches what stands %s a yardstick of the kind %s, at each position against its own edges',
  (is, kind) => {
    const condition = { kind: 'yardstick', is: is as keyof typeof sides, yardstick: kind } as const;
    const line = read({ colourRules: [draftRule('rule', 'Fares', condition, 'plum')] });
    const wanted = figures.Fares.map((figure, place) => {
      const [low, high] = [edges[kind]?.[0][place] ?? null, edges[kind]?.[1][place] ?? null];
      return low !== null && high !== null && sides[is as keyof typeof sides](figure, low, high);
    });
    expect(line?.caughtBy.map((id) => id === 'rule')).toEqual(wanted);
  },
);

it.each(kinds)('holds a series against a yardstick of the kind %s, or against nothing', (kind) => {
  const found = edges[kind];
  const mark = { against: kind, good: 'atLeast' } as const;
  const series = Object.keys(figures).map((name) =>
    testSeries(name, { mark: name === 'Fares' ? mark : null }),
  );
  const line = read({ series });
  const isBand = heldAs(yardsticks.find((each) => each.kind === kind) as never) === 'band';
  // Single readings are those of rows, and there are none here.
  expect(heldAs({ kind } as never) !== null).toBe(!!found || kind === 'readings');
  expect(line?.comparison?.judgements ?? null).toEqual(
    found
      ? figures.Fares.map((figure, place) => {
          const [low, high] = [found[0][place] ?? null, found[1][place] ?? null];
          if (low === null || high === null) return null;
          return (isBand ? sides.inside(figure, low, high) : figure >= low) ? 'on' : 'off';
        })
      : null,
  );
});

it('reads every kind of condition beside every kind of yardstick', () => {
  const series = [{ id: 'Low', name: 'Low' }];
  for (const { sentence } of conditionKinds)
    for (const yardstick of kinds) {
      const names = { series, yardstick: [{ id: yardstick, name: yardstick, kind: 'held' }] };
      const condition = sentence.draft({ names, level: 10, today: '2026-11-23' });
      const rule = draftRule('rule', 'Fares', condition, 'plum');
      const held = Object.keys(figures).map((name) =>
        testSeries(name, { mark: { against: yardstick, good: 'within' } }),
      );
      expect(read({ series: held, colourRules: [rule] })?.figures).toEqual(figures.Fares);
    }
});

it('changes the colour where the line crosses the edge of a band that changes', () => {
  const condition = { kind: 'yardstick', is: 'over', yardstick: 'between' } as const;
  const line = read({ colourRules: [draftRule('rule', 'Fares', condition, 'plum')] });
  const plum = line?.pieces.filter(({ colour }) => colour === 'plum') ?? [];
  const middles = periods.map((start, at) => (start + (periods[at + 1] ?? start + 31)) / 2);
  // Exactly on the edge in February, 2 over it in March, 2 under it in April.
  const crossing = ((middles[2] as number) + (middles[3] as number)) / 2;
  expect(plum.flatMap(({ x }) => [x[0], x.at(-1)])).toEqual([middles[1], crossing]);
});
