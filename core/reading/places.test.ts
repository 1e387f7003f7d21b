import type { AxisDefinition } from '../axis';
import { chartFrames } from '../figures';
import { testChart, testFrame, testSeries } from '../testing';
import type { StyledYardstick } from '../chart';
import { readChart } from './readChart';

const sailings: [word: string, figure: number | null][] = [
  ['Monday', 14],
  ['Tuesday', 25],
  ['Bank holiday', 6],
  ['Wednesday', null],
  ['Saturday', 25],
];

/** Where a yardstick stands along words, or along figures, and what is written at it. */
function stands(yardstick: Record<string, unknown>, of: 'words' | 'numbers' = 'words') {
  const axis: AxisDefinition =
    of === 'words'
      ? { kind: 'words', column: 'Day', order: [] }
      : { kind: 'numbers', column: 'Year' };
  const chart = testChart({
    axis,
    series: [testSeries('Sailings')],
    dials: [
      {
        kind: 'choice',
        id: 'day',
        name: 'Day',
        value: 'Bank holiday',
        choices: ['', 'Bank holiday'],
      },
    ],
    yardsticks: [{ id: 'it', name: 'It', ...yardstick } as unknown as StyledYardstick],
  });
  const places = of === 'words' ? sailings.map(([word]) => word) : [2019, 2021, 2022, 2024, 2025];
  const frame = testFrame({
    periods: places.map((_, at) => at),
    values: [sailings.map(([, figure]) => figure)],
    recordedGrain: 'day',
    axisPlaces: places,
  });
  const { frames } = chartFrames(chart, { Sailings: frame }, 20_000);
  const reading = readChart(chart, frames, { today: 20_000 });
  const [panel] = reading.panels;
  const found = panel?.yardsticks[0];
  // Days are drawn in their middle.
  const at = found?.days.map((day) => day + 0.5);
  return { at, middles: reading.positions.map(({ middle }) => middle), axis: panel?.axis, found };
}

it.each<[string, Record<string, unknown>, number]>([
  ['a word', { kind: 'place', at: 'Bank holiday' }, 2],
  [
    'the highest, the first of equal ones',
    { kind: 'foundPlace', series: 'Sailings', is: 'highest' },
    1,
  ],
  ['the word of a dial', { kind: 'dialPlace', dial: 'day' }, 2],
  ['the lowest', { kind: 'foundPlace', series: 'Sailings', is: 'lowest' }, 2],
  ['the first', { kind: 'foundPlace', series: 'Sailings', is: 'first' }, 0],
  ['the last', { kind: 'foundPlace', series: 'Sailings', is: 'last' }, 3],
  [
    'the first over a level',
    { kind: 'firstBeyond', series: 'Sailings', side: 'over', level: 14 },
    1,
  ],
  [
    'the first under a level',
    { kind: 'firstBeyond', series: 'Sailings', side: 'under', level: 14 },
    2,
  ],
])('a line stands on %s, in its middle, and stretches no axis', (_, yardstick, shown) => {
  const { at, middles, axis } = stands(yardstick);
  // Wednesday has no figure and no place.
  expect(middles).toHaveLength(4);
  expect(at).toEqual([middles[shown]]);
  expect(axis).toEqual(stands({ kind: 'place', at: 'nowhere' }).axis);
});

it('stands on a figure along figures, and on none that is not there', () => {
  expect(stands({ kind: 'place', at: '2022' }, 'numbers').at).toEqual([2022]);
  expect(stands({ kind: 'place', at: '2023' }, 'numbers').at).toEqual([]);
  expect(stands({ kind: 'today', offsetDays: 0 }, 'numbers').at).toEqual([]);
});

it('says where it stands', () => {
  const look = { colour: null, dash: 'solid', width: 1, front: false };
  const label = { text: '{name}: {date}', at: 'end' };
  const { found } = stands({ kind: 'place', at: 'Bank holiday', look: { ...look, label } });
  expect([found?.label, found?.place]).toEqual(['It: Bank holiday', 'Bank holiday']);
});

it('writes bare years without marks, and other figures with them', () => {
  expect(stands({ kind: 'place', at: '2022' }, 'numbers').found?.place).toBe('2022');
});
