import { completions } from './completions';

const names = ['Fares', 'Fuel cost', 'Fuel'];

it.each([
  ['', []],
  ['fu', ['"Fuel cost"', 'Fuel']],
  ['Fares - fuel c', ['Fares - "Fuel cost"']],
  ['60% of fuel c', ['60% of "Fuel cost"']],
  ['"Fuel ', ['"Fuel cost"']],
  ['Fares / ma', ['Fares / max(']],
  ['"ma', []],
  ['Fares', []],
])('completes %j', (text, wanted) => {
  expect(completions(text, names)).toEqual(wanted);
});
