import fc from 'fast-check';
import { parseDay } from '../calendar';
import { chartFrames, drawnChart } from '../figures';
import { draftRule } from '../editing';
import { linesOf, readChart, sayWhy } from '../reading';
import { testChart, testFrame, testSeries } from '../testing';
import { periods, readRules } from '../testing/readRules';
import vectors from '../vectors/bands.json';
import { type ConditionDefinition, conditionSchema, isWithin } from './index';

const day = (text: string) => parseDay(text) as number;

const number = (value: number) => ({ kind: 'number', number: value }) as const;
const mark = (is: 'on' | 'off'): ConditionDefinition => ({ kind: 'mark', is });

it.each<[string, ConditionDefinition, boolean[]]>([
  ['under its mark', mark('off'), [true, false, true, true, true, false]],
  [
    'over a value',
    { kind: 'value', is: 'over', to: number(9) },
    [false, true, false, false, false, true],
  ],
  [
    'at least a value',
    { kind: 'value', is: 'atLeast', to: number(9) },
    [true, true, false, false, false, true],
  ],
  [
    'at most a value',
    { kind: 'value', is: 'atMost', to: number(2) },
    [false, false, false, false, true, false],
  ],
  [
    'under a statistic',
    { kind: 'value', is: 'under', to: { kind: 'statistic', statistic: 'mean', series: 'Fares' } },
    [true, false, true, true, true, false],
  ],
  [
    'at most another series',
    { kind: 'series', is: 'atMost', series: 'Plan' },
    [true, true, true, true, true, false],
  ],
  [
    'within some % of its mark',
    { kind: 'within', is: 'within', percent: 10 },
    [true, true, false, false, false, false],
  ],
  [
    'down on the period before',
    { kind: 'change', is: 'down', percent: 0 },
    [false, false, true, true, true, false],
  ],
  [
    'down by half or more',
    { kind: 'change', is: 'down', percent: 50 },
    [false, false, false, false, true, false],
  ],
  ['up', { kind: 'change', is: 'up', percent: 0 }, [false, true, false, false, false, true]],
  [
    'off for the second period running',
    { kind: 'running', is: 'off', nth: 2 },
    [false, false, false, true, true, false],
  ],
  [
    'in some months',
    { kind: 'calendar', part: 'months', values: [1, 6] },
    [true, false, false, false, false, true],
  ],
  [
    'on weekdays, which months do not have',
    { kind: 'calendar', part: 'weekdays', values: [1] },
    Array(6).fill(false),
  ],
  [
    'from a date on',
    { kind: 'dates', is: 'from', date: '2026-05-01' },
    [false, false, false, false, true, true],
  ],
  ['before today', { kind: 'dates', is: 'before', date: null }, Array(6).fill(true)],
  [
    'all of several',
    { kind: 'several', how: 'all', of: [mark('off'), { kind: 'change', is: 'down', percent: 0 }] },
    [false, false, true, true, true, false],
  ],
  [
    'any of several',
    {
      kind: 'several',
      how: 'any',
      of: [mark('on'), { kind: 'value', is: 'under', to: number(3) }],
    },
    [false, true, false, false, true, true],
  ],
  [
    'beside a yardstick that is gone',
    { kind: 'yardstick', is: 'over', yardstick: 'x' },
    Array(6).fill(false),
  ],
])('catches figures that are %s', (_, condition, wanted) => {
  const { caughtBy } = readRules([9, 10, 8, 6, 2, 20], [condition]);
  expect(caughtBy?.map((caught) => caught === 'r0')).toEqual(wanted);
  expect(conditionSchema.validateSync(condition)).toEqual(condition);
});

it.each<[string, ConditionDefinition, number[]]>([
  ['a value', { kind: 'value', is: 'under', to: number(15) }, [0.5]],
  ['the edges of a band', { kind: 'yardstick', is: 'inside', yardstick: 'b' }, [0.2, 0.8]],
  ['another series', { kind: 'series', is: 'over', series: 'Plan' }, [0]],
  [
    'a dial, as a reader has turned it',
    { kind: 'value', is: 'atLeast', to: { kind: 'dial', dial: 'd' } },
    [],
  ],
])('changes exactly where the line crosses %s', (_, condition, shares) => {
  const limit = {
    id: 'd',
    kind: 'number',
    name: 'Limit',
    value: 15,
    from: 0,
    to: 40,
    step: 1,
  } as const;
  const band = {
    id: 'b',
    kind: 'band',
    name: 'Usual',
    from: number(12),
    to: number(18),
    onAxis: false,
  } as const;
  const { pieces, positions } = readRules(
    [10, 20],
    [condition],
    { dials: [limit], yardsticks: [band] },
    { mark: null },
  );
  const [from, to] = positions.map(({ middle }) => middle) as [number, number];
  const turns = pieces.slice(1).map(({ x }) => ((x[0] as number) - from) / (to - from));
  expect(turns.map((share) => Number(share.toFixed(9)))).toEqual(
    shares.filter((share) => share > 0),
  );
  // The pieces tile the line: each begins where the one before it ended.
  pieces.slice(1).forEach(({ x }, at) => expect(x[0]).toBe(pieces[at]?.x.at(-1)));
  expect([pieces[0]?.x[0], pieces.at(-1)?.x.at(-1)]).toEqual([from, to]);
});

it('lets the first rule that holds win, and says what the others are worth', () => {
  const over = (value: number): ConditionDefinition => ({
    kind: 'value',
    is: 'over',
    to: number(value),
  });
  const { caughtBy, rules } = readRules([1, 5, 9], [over(4), over(8), over(100), over(0)]);
  expect(caughtBy).toEqual(['r3', 'r0', 'r0']);
  expect(rules.map(({ name, caught, warning }) => [name, caught, warning.slice(0, 13)])).toEqual([
    ['Over 4', 2, ''],
    ['Over 8', 0, 'Hidden behind'],
    ['Over 100', 0, 'Catches no fi'],
    ['Over 0', 1, ''],
  ]);
});

it('gives dash, width and fill, and colours points without touching the line', () => {
  const under = mark('off');
  const dressed = (effect: 'line' | 'points' | 'fill') =>
    readRules([5, 15], [], {
      colourRules: [{ ...draftRule('r', 'Fares', under, 'plum'), effect, dash: 'dot', width: 5 }],
    });
  expect(dressed('line').pieces.map(({ colour, dash, width }) => [colour, dash, width])).toEqual([
    ['plum', 'dot', 5],
    ['teal', 'solid', 2.4],
  ]);
  const [line] = linesOf(dressed('points'));
  expect(line?.pieces.every(({ colour }) => colour === 'teal')).toBe(true);
  expect(line?.pointColours).toEqual(['plum', null]);
  const [off, on] = dressed('fill').pieces;
  expect([off?.fill, off?.fillTo, on?.fillTo]).toEqual(['plum', [10, 10], null]);
});

it.each(vectors.within)(
  'finds $values within $percent%',
  ({ values, mark: marks, percent, within }) => {
    const found = values.map((figure, place) =>
      figure === null ? null : isWithin(figure, marks[place] as number, percent, true),
    );
    expect(found).toEqual(within);
  },
);

it('counts only finished figures as met: an open one hides nothing', () => {
  const over: ConditionDefinition = { kind: 'value', is: 'over', to: number(4) };
  const open = { ...testFrame(), completeTo: day('2026-02-10') };
  const chart = testChart({
    series: [testSeries('Fares')],
    colourRules: [draftRule('r', 'Fares', over, 'plum')],
  });
  const frame = { ...open, periods: periods.slice(0, 2), values: [[1, 9]] };
  const { frames } = chartFrames(chart, { Fares: frame }, day('2026-02-12'));
  const { rules } = readChart(drawnChart(chart), frames, { today: day('2026-02-12') });
  expect(rules.map(({ warning }) => warning)).toEqual(['Catches no figure.']);
});

it('tiles the line whatever the rules, and off the mark no less when the mark is raised', () => {
  const plans = fc.integer({ min: 0, max: 20 });
  const values = fc.array(fc.integer({ min: 0, max: 20 }), { minLength: 2, maxLength: 6 });
  const rule = fc.constantFrom<ConditionDefinition>(
    ...[mark('off'), { kind: 'value', is: 'over', to: number(9) } as const],
    ...[{ kind: 'change', is: 'up', percent: 0 } as const],
    { kind: 'calendar', part: 'months', values: [2, 4] },
  );
  const offLength = (figures: number[], plan: number) => {
    const level = {
      id: 'l',
      kind: 'line',
      name: 'L',
      value: number(plan),
      shading: 'none',
    } as const;
    const { pieces } = readRules(
      figures,
      [],
      { yardsticks: [{ ...level, onAxis: true }] },
      { mark: { against: 'l', good: 'atLeast' } },
    );
    return pieces
      .filter(({ judgement }) => judgement === 'off')
      .reduce((sum, { x }) => sum + (x.at(-1) ?? 0) - (x[0] ?? 0), 0);
  };
  fc.assert(
    fc.property(values, fc.array(rule, { maxLength: 3 }), plans, plans, (figures, rules, a, b) => {
      const { pieces, positions } = readRules(figures, rules);
      const ends = positions.map(({ middle }) => middle);
      expect([pieces[0]?.x[0], pieces.at(-1)?.x.at(-1)]).toEqual([ends[0], ends.at(-1)]);
      pieces.slice(1).forEach(({ x }, at) => expect(x[0]).toBe(pieces[at]?.x.at(-1)));
      const [low, high] = [Math.min(a, b), Math.max(a, b)];
      expect(offLength(figures, high)).toBeGreaterThanOrEqual(offLength(figures, low) - 1e-9);
    }),
    { numRuns: 60 },
  );
});

it('says why a point looks as it does, with both numbers', () => {
  const { panels, positions, rules, chart } = readRules([5, 15, null], [mark('off')]);
  const [line] = linesOf({ panels });
  const why = (place: number) => line && sayWhy(chart, { positions, rules }, line, place);
  expect([why(0), why(1), why(2)]).toEqual([
    '“Under Plan” catches Fares: 5 in Jan 2026 against 10 of Plan.',
    'No rule catches Fares, 15 in Feb 2026.',
    'Fares has no figure in Mar 2026.',
  ]);
});
