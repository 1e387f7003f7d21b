import { formatDay } from '../calendar';
import { stepEdges } from '../statistics';
import { calendar, line, lines } from '../testing/yardstickContext';
import vectors from '../vectors/steps.json';
import {
  type Edge,
  findYardsticks,
  plainScope,
  type Scope,
  stepOf,
  type YardstickDefinition,
} from './index';

const find = (definition: YardstickDefinition, context = calendar) =>
  findYardsticks([definition], context)[0];

const level = (value: Edge, more = {}): YardstickDefinition => ({
  id: 'level',
  kind: 'line',
  name: 'Level',
  value,
  shading: 'none',
  onAxis: true,
  ...more,
});

const of = { series: 'fares' };

it.each<[Edge, number | null, boolean, string]>([
  [{ kind: 'number', number: -3.5 }, -3.5, true, ''],
  [
    { kind: 'statistic', statistic: 'mean', ...of },
    39 / 5,
    false,
    'mean of Fares over 5 finished figures shown',
  ],
  [
    { kind: 'statistic', statistic: 'median', ...of },
    6,
    false,
    'median of Fares over 5 finished figures shown',
  ],
  [
    { kind: 'statistic', statistic: 'highest', ...of },
    20,
    true,
    'highest of Fares over 5 finished figures shown',
  ],
  [
    { kind: 'percentile', percent: 25, ...of },
    2,
    false,
    '25th percentile of Fares over 5 finished figures shown, between figures',
  ],
  [
    { kind: 'deviation', times: -2, ...of },
    // The squares of 2.2, 12.2, 6.8, 5.8 and 1.8 add up to 236.8, over four.
    39 / 5 - 2 * Math.sqrt(236.8 / 4),
    false,
    '2 standard deviations under the mean of Fares over 5 finished figures shown, deviation of a sample',
  ],
  [
    { kind: 'statistic', statistic: 'median', series: 'gone' },
    null,
    false,
    'median of a series that is gone over 0 finished figures shown',
  ],
])('finds %j over finished figures of all its lines', (edge, value, exact, scope) => {
  const found = find(level(edge));
  if (value === null) expect(found?.value).toBeNull();
  else expect(found?.value).toBeCloseTo(value, 9);
  expect(found).toMatchObject({
    scope,
    onAxis: true,
    levels: value === null ? [] : [found?.value],
  });
  if (value !== null) expect(found?.exact).toBe(exact);
});

it.each([
  ['none', []],
  ['beneath', [[-Infinity, 5]]],
  ['above', [[5, Infinity]]],
])('shades %s of a line', (shading, wanted) => {
  const found = find(level({ kind: 'number', number: 5 }, { shading }));
  expect(found?.bands.map(({ from, to }) => [from, to])).toEqual(wanted);
});

it('finds a band between two edges, whichever is the lower, and counts what lies within', () => {
  const band = (from: number, to: number): YardstickDefinition => ({
    id: 'b',
    kind: 'band',
    name: 'Band',
    onAxis: false,
    from: { kind: 'number', number: from },
    to: { kind: 'number', number: to },
  });
  const around = (times: number) => ({ kind: 'deviation', times, ...of }) as const;
  const usual = find({ ...band(0, 0), from: around(-1), to: around(1) } as YardstickDefinition);
  expect(usual?.scope).toBe(
    '1 standard deviation under the mean to 1 standard deviation over the mean of Fares over 5 finished figures shown, deviation of a sample',
  );
  // Its edges belong to it; of costs all three finished ones do, of fares 6, 10 and 20.
  expect(find(band(20, 5))).toMatchObject({ bands: [{ from: 5, to: 20 }], within: 6 });
});

it.each(vectors.cases)('cuts $values into $steps steps of equal count', ({ values, ...wanted }) => {
  const context = {
    ...calendar,
    lines: [{ ...line('fares', 'Fares', values), open: values.map(() => false) }],
  };
  const steps = { id: 's', kind: 'steps', name: 'Steps', count: wanted.steps, ...of } as const;
  const bands = find(steps, context)?.bands ?? [];
  const edges = [bands[0]?.from, ...bands.map(({ to }) => to)];
  edges.forEach((edge, place) => expect(edge).toBeCloseTo(wanted.edges[place] as number, 9));
  const found = stepEdges(values, wanted.steps);
  expect(values.map((value) => (value === null ? null : stepOf(value, found)))).toEqual(
    wanted.step,
  );
});

it.each([
  [0, 0, true],
  [0, -1, false],
  [100, 19, true],
  [100, 20, false],
  [60, 0, true],
  [60, -61, false],
])('stands on today, %i, and %i days beside it: shown %s', (today, offsetDays, shown) => {
  const found = find({ id: 'today', kind: 'today', offsetDays }, { ...calendar, today });
  expect(found?.days).toEqual(shown ? [today + offsetDays] : []);
});

it('shows no date where there is no calendar', () => {
  const today = { id: 'today', kind: 'today', offsetDays: 0 } as const;
  expect(find(today, { ...calendar, positions: [] })?.days).toEqual([]);
  expect(find(today, { ...calendar, axis: 'year' })?.days).toEqual([]);
});

it('cuts a stretch of dates to the periods shown, its last day in it', () => {
  const stretch = (from: number, to: number | null): YardstickDefinition => ({
    id: 'd',
    kind: 'dates',
    name: 'Closed',
    from: formatDay(from),
    to: to === null ? null : formatDay(to),
  });
  expect(find(stretch(100, 140))?.stretches).toEqual([{ from: 100, to: 120 }]);
  expect(find(stretch(40, 30))?.stretches).toEqual([{ from: 30, to: 41 }]);
  expect(find(stretch(130, 140))?.stretches).toEqual([]);
  expect(find(stretch(7, null))?.days).toEqual([7]);
});

it.each<[Partial<Extract<YardstickDefinition, { kind: 'recurring' }>>, string[]]>([
  [{ each: 'weekday', weekday: 4 }, ['1970-01-01', '1970-01-08', '1970-01-15']],
  [{ each: 'monthEnd' }, ['1970-01-31', '1970-02-28', '1970-03-31']],
  [{ each: 'monthStart' }, ['1970-01-01', '1970-02-01', '1970-03-01']],
  [{ each: 'quarterEnd' }, ['1970-03-31']],
  [{ each: 'yearStart' }, ['1970-04-01']],
])('comes again: %j', (more, wanted) => {
  const recurring = { id: 'r', kind: 'recurring', name: 'R', each: 'weekday', weekday: 1, ...more };
  const found = find(recurring as YardstickDefinition, { ...calendar, yearStart: 4 });
  expect(found?.days.slice(0, 3).map(formatDay)).toEqual(wanted);
});

it.each([
  ['lastActual', 0, 89],
  ['lastActual', -3, 86],
  ['yearStart', 0, 0],
  ['yearEnd', -300, 64],
  ['dial', 0, 45],
] as const)('finds its own date: %s and %i days', (at, offsetDays, wanted) => {
  const foundDate = {
    id: 'm',
    kind: 'foundDate',
    name: 'M',
    at,
    dial: 'when',
    offsetDays,
  } as const;
  const turned = new Map([['when', '1970-02-15']]);
  expect(find(foundDate, { ...calendar, today: 60, dials: turned })?.days).toEqual([wanted]);
});

it('spans a band between two series, and stands an edge where a dial stands', () => {
  const between: YardstickDefinition = {
    id: 'r',
    kind: 'between',
    name: 'R',
    onAxis: true,
    from: { series: 'fares' },
    to: { series: 'costs' },
  };
  expect(find(between)?.edges).toEqual({ low: [5, 5, null, 5], high: [10, 20, null, 900] });
  expect(find({ ...between, to: { series: 'gone' } } as YardstickDefinition)?.edges).toBeNull();
  expect(find(level({ kind: 'dial', dial: 'limit' }))?.value).toBe(7);
  expect(find(level({ kind: 'dial', dial: 'gone' }))?.value).toBeNull();
});

it.each<[Partial<Scope>, number | null, string]>([
  [{}, 39 / 5, 'over 5 finished figures shown'],
  [{ periods: 'last', count: 2 }, 28 / 3, 'over 3 finished figures of the last 2 periods'],
  [{ periods: 'last', count: 99 }, 39 / 5, 'over 5 finished figures of the last 99 periods'],
  // Fiscal years begin in February: the day of today is in the one before.
  [{ periods: 'thisYear' }, 11 / 2, 'over 2 finished figures of this fiscal year'],
  [{ per: 'chart' }, (39 + 7) / 6, 'over 6 finished figures shown, all panels together'],
])('finds a statistic over %j', (more, value, words) => {
  const context = {
    ...calendar,
    yearStart: 2,
    allLines: [...lines, line('fares', 'Fares', [null, 7, null, 700])],
  };
  const scope = { ...plainScope, ...more };
  const found = find(level({ kind: 'statistic', statistic: 'mean', ...of, scope }), context);
  expect(found?.value).toBeCloseTo(value ?? NaN, 9);
  expect(found?.scope).toBe(`mean of Fares ${words}`);
});

it('stands today where a dial says, or else as many days off as written', () => {
  const stand = (dial: string | null) =>
    find({ id: 'today', kind: 'today', offsetDays: 3, dial })?.days;
  expect([stand('limit'), stand('gone'), stand(null)]).toEqual([[7], [3], [3]]);
});
