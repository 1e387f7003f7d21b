import type { Figures } from '../values';
import vectors from '../vectors/standouts.json';
import { candidatesOf, type PickDefinition, pickOut, type PickScope, type Ties } from './index';

function places(
  lines: readonly Figures[],
  pick: PickDefinition,
  {
    ties = 'all' as Ties,
    per = 'series' as PickScope,
    meets = (_line: number, place: number) => place > 1,
  } = {},
) {
  const yearAt = (place: number) => Math.floor(place / 2);
  const from = { lines, candidates: candidatesOf(lines), exact: true, yearAt, meets };
  return pickOut(from, { pick, ties, per }).map(({ line, place }) =>
    lines.length > 1 ? [line, place] : place,
  );
}

it.each(vectors.cases)('picks out of $values', ({ values, highest, lowest, largest3, ...ends }) => {
  for (const ties of ['all', 'first', 'last'] as const) {
    expect(places([values], { kind: 'highest' }, { ties })).toEqual(highest[ties]);
    expect(places([values], { kind: 'lowest' }, { ties })).toEqual(lowest[ties]);
  }
  expect(places([values], { kind: 'first' })).toEqual([ends.first]);
  expect(places([values], { kind: 'last' })).toEqual([ends.last]);
  const three = { kind: 'largest', count: 3, only: false } as const;
  expect(places([values], three)).toEqual(largest3);
  expect(places([values], { ...three, only: true })).toEqual(largest3.slice(2));
});

it.each<PickDefinition>([
  { kind: 'highest' },
  { kind: 'last' },
  { kind: 'change' },
  { kind: 'largest', count: 2, only: false },
  { kind: 'every', nth: 1 },
])('picks nothing where nothing is: $kind', (pick) => {
  expect(places([[null, null], []], pick)).toEqual([]);
});

const two = [
  [3, 7, 1, 4],
  [7, 2, null, 6],
];

it.each<[string, PickDefinition, PickScope, unknown]>([
  [
    'the best over all lines',
    { kind: 'highest' },
    'series',
    [
      [0, 1],
      [1, 0],
    ],
  ],
  [
    'the best of each line',
    { kind: 'lowest' },
    'line',
    [
      [0, 2],
      [1, 1],
    ],
  ],
  [
    'the best of each year of a line',
    { kind: 'highest' },
    'year',
    [
      [0, 1],
      [0, 3],
      [1, 0],
      [1, 3],
    ],
  ],
  [
    'the last of each line, whatever the scope',
    { kind: 'last' },
    'series',
    [
      [0, 3],
      [1, 3],
    ],
  ],
  ['the largest change, either way', { kind: 'change' }, 'series', [[0, 2]]],
  [
    'the second largest alone',
    { kind: 'largest', count: 2, only: true },
    'line',
    [
      [0, 3],
      [1, 3],
    ],
  ],
  [
    'one point in two, the last among them',
    { kind: 'every', nth: 2 },
    'series',
    [
      [0, 1],
      [0, 3],
      [1, 0],
      [1, 3],
    ],
  ],
  [
    'what meets a condition',
    { kind: 'meeting', condition: { kind: 'mark', is: 'off' } },
    'series',
    [
      [0, 2],
      [0, 3],
      [1, 3],
    ],
  ],
])('picks %s', (_, pick, per, wanted) => {
  expect(places(two, pick, { per })).toEqual(wanted);
});
