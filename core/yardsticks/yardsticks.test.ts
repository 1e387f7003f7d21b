import type { YardstickDefinition, YardstickValue } from '../chart';
import type { Position } from '../arrangements';
import type { SeriesLine } from '../series';
import { findYardsticks } from './yardsticks';

const positions: Position[] = [0, 31, 59, 90].map((start, place, starts) => {
  const next = starts[place + 1] ?? 120;
  return { start, next, middle: (start + next) / 2, open: place === 3, label: '' };
});

const line = (id: string, name: string, figures: (number | null)[]) =>
  ({
    ...{ id: `${id}:${name}`, seriesId: id, name, definition: { id, name }, figures },
    open: [false, false, false, true],
  }) as unknown as SeriesLine;

const lines = [
  line('fares', 'Fares', [10, 20, null, 900]),
  line('fares', 'Fares', [1, 2, 6, 800]),
  line('costs', 'Costs', [5, 5, 5, 5]),
];

const calendar = { axis: 'calendar', positions, lines } as const;

const level = (value: YardstickValue): YardstickDefinition => ({
  ...{ id: 'level', kind: 'line', name: 'Level', value, onAxis: true },
});
const today = (offsetDays: number): YardstickDefinition => ({
  id: 'today',
  kind: 'today',
  offsetDays,
});

it.each([
  [{ kind: 'number', number: -3.5 }, -3.5, true, ''],
  [
    { kind: 'statistic', statistic: 'mean', series: 'fares' },
    39 / 5,
    false,
    'mean of Fares over 5 finished figures shown',
  ],
  [
    { kind: 'statistic', statistic: 'median', series: 'fares' },
    6,
    false,
    'median of Fares over 5 finished figures shown',
  ],
  [
    { kind: 'statistic', statistic: 'mean', series: 'costs' },
    5,
    false,
    'mean of Costs over 3 finished figures shown',
  ],
  [
    { kind: 'statistic', statistic: 'median', series: 'gone' },
    null,
    false,
    'median of a series that is gone over 0 finished figures shown',
  ],
] as const)('finds %j over finished figures of all its lines', (value, found, exact, scope) => {
  expect(findYardsticks([level(value)], { ...calendar, today: 0 })).toEqual([
    { id: 'level', kind: 'line', name: 'Level', value: found, exact, scope, onAxis: true },
  ]);
});

it.each([
  [0, 0, true],
  [0, -1, false],
  [100, 19, true],
  [100, 20, false],
  [60, 0, true],
  [60, -61, false],
])('stands on today, %i, and %i days beside it: shown %s', (now, offsetDays, shown) => {
  expect(findYardsticks([today(offsetDays)], { ...calendar, today: now })).toEqual([
    { id: 'today', kind: 'today', offsetDays, day: now + offsetDays, shown },
  ]);
});

it('shows no today line where there are no periods', () => {
  const empty = { ...calendar, positions: [], lines: [], today: 10 };
  expect(findYardsticks([today(0)], empty)).toMatchObject([{ day: 10, shown: false }]);
  const laidOver = { ...calendar, axis: 'year' as const, today: 10 };
  expect(findYardsticks([today(0)], laidOver)).toMatchObject([{ shown: false }]);
});
