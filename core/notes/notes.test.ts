import { placeNote } from './notes';

const axis = [
  { start: 0, next: 31 },
  { start: 31, next: 59 },
];
const lines = [{ id: 'fares', figures: [5, null] }];

it.each([
  ['on a figure', { day: 12, series: 'fares' }, { period: 0, figure: 5, adrift: false }],
  [
    'where there is no figure',
    { day: 58, series: 'fares' },
    { period: 1, figure: null, adrift: false },
  ],
  ['on a date alone', { day: 31, series: null }, { period: 1, figure: null, adrift: false }],
  [
    'beyond the periods shown',
    { day: 59, series: 'fares' },
    { period: null, figure: null, adrift: false },
  ],
  [
    'of the whole chart',
    { day: null, series: 'fares' },
    { period: null, figure: null, adrift: false },
  ],
  ['whose series is gone', { day: 0, series: 'costs' }, { period: 0, figure: null, adrift: true }],
])('places a note %s', (_, note, wanted) => {
  expect(placeNote(note, lines, axis)).toEqual(wanted);
});
