import type { Frame, Place } from '../frame';
import { onSharedScale } from './sharedScale';

const frame = (axisPlaces: Place[]): Frame => ({
  periods: axisPlaces.map((_, at) => at),
  keys: [''],
  values: [axisPlaces.map((_, at) => at * 10)],
  exact: true,
  completeTo: null,
  recordedGrain: 'day',
  within: null,
  others: null,
  groups: null,
  axisPlaces,
  readings: null,
});

const order = (axes: Place[][], given: string[]) =>
  onSharedScale(Object.fromEntries(axes.map((each, at) => [String(at), frame(each)])), {
    words: given,
    by: null,
  }).places;

it.each<[string, Place[][], string[], Place[]]>([
  ['stand as their file has them', [['Quill', 'Fenn', 'Osk']], [], ['Quill', 'Fenn', 'Osk']],
  ['stand by the calendar that they name', [['Wed', 'Mon']], [], ['Mon', 'Wed']],
  [
    'stand where they were dragged',
    [['Quill', 'Fenn', 'Osk']],
    ['Osk', 'Quill', 'Fenn'],
    ['Osk', 'Quill', 'Fenn'],
  ],
  [
    'come later and take the place that the file gives them',
    [['Quill', 'Bank holiday', 'Fenn', 'Osk']],
    ['Osk', 'Quill', 'Fenn'],
    ['Osk', 'Quill', 'Bank holiday', 'Fenn'],
  ],
  ['are named first', [['Quill', 'Fenn', 'Osk']], ['Osk'], ['Osk', 'Quill', 'Fenn']],
  [
    'are of two files',
    [
      ['Quill', 'Osk'],
      ['Fenn', 'Osk'],
    ],
    [],
    ['Quill', 'Osk', 'Fenn'],
  ],
  ['are gone', [['Quill']], ['Fenn', 'Quill'], ['Quill']],
])('words that %s', (_, axes, given, wanted) => {
  expect(order(axes, given)).toEqual(wanted);
});

it('keeps each figure at its word', () => {
  const { frames, places } = onSharedScale(
    { one: frame(['Quill', 'Osk']) },
    { words: ['Osk'], by: null },
  );
  expect([places, frames.one?.periods, frames.one?.values]).toEqual([
    ['Osk', 'Quill'],
    [0, 1],
    [[10, 0]],
  ]);
});

it.each<[string, Parameters<typeof onSharedScale>[1], string[]]>([
  [
    'their names, figures in them by size',
    { words: [], by: { series: null, first: 'lowest' } },
    ['Fenn', 'Pier 2', 'Pier 10', 'Quill'],
  ],
  [
    'their names, the last first',
    { words: [], by: { series: null, first: 'highest' } },
    ['Quill', 'Pier 10', 'Pier 2', 'Fenn'],
  ],
  [
    'a series, the highest first, what it has not last',
    { words: [], by: { series: 'two', first: 'highest' } },
    ['Fenn', 'Quill', 'Pier 10', 'Pier 2'],
  ],
  [
    'a series, the lowest first',
    { words: [], by: { series: 'two', first: 'lowest' } },
    ['Quill', 'Fenn', 'Pier 10', 'Pier 2'],
  ],
  [
    'a series that is gone: as the file has them',
    { words: [], by: { series: 'gone', first: 'lowest' } },
    ['Pier 10', 'Pier 2', 'Quill', 'Fenn'],
  ],
  [
    'what a column has ordered, whatever order they have by themselves',
    { words: [], by: { series: null, column: 'Pier', first: 'lowest' } },
    ['Pier 10', 'Pier 2', 'Quill', 'Fenn'],
  ],
  [
    'names, but for those that somebody has put',
    { words: ['Quill'], by: { series: null, first: 'lowest' } },
    ['Quill', 'Fenn', 'Pier 2', 'Pier 10'],
  ],
])('orders words by %s', (_, by, wanted) => {
  const one = frame(['Pier 10', 'Pier 2', 'Quill', 'Fenn']);
  expect(onSharedScale({ one, two: frame(['Quill', 'Fenn']) }, by).places).toEqual(wanted);
});
