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
  onSharedScale(Object.fromEntries(axes.map((each, at) => [String(at), frame(each)])), given)
    .places;

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
  const { frames, places } = onSharedScale({ one: frame(['Quill', 'Osk']) }, ['Osk']);
  expect([places, frames.one?.periods, frames.one?.values]).toEqual([
    ['Osk', 'Quill'],
    [0, 1],
    [[10, 0]],
  ]);
});
