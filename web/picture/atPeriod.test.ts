import type { ReadSeries } from '../../core/reading';
import { colourAt } from './atPeriod';

const series = {
  stroke: { colour: 'teal' },
  pieces: [
    { x: [1, 2], judgement: 'on', colour: 'indigo' },
    { x: [2, 3], judgement: 'off', colour: 'brick' },
  ],
} as unknown as ReadSeries;

it.each([
  [1, 'indigo'],
  [2, 'brick'],
  [3, 'brick'],
  [9, 'teal'],
])('wears at %i the colour of what is off the mark before any other', (middle, colour) => {
  expect(colourAt(series, middle)).toBe(colour);
});
