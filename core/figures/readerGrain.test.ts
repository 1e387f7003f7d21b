import { testChart } from '../testing';
import { atGrain, grainsOffered } from './readerGrain';

const chart = testChart({ grain: 'month', readerGrains: ['year', 'quarter'] });

it.each([
  ['quarter', 'quarter'],
  ['month', 'month'],
  // Neither what is not offered, nor what is no grain at all.
  ['day', 'month'],
  ['fortnight', 'month'],
  [undefined, 'month'],
])('draws by %s as %s where readers may choose', (chosen, drawn) => {
  expect(atGrain(chart, chosen).grain).toBe(drawn);
});

it('offers the author’s own grain beside the others, and nothing along a column', () => {
  expect(grainsOffered(chart)).toEqual(['month', 'quarter', 'year']);
  expect(grainsOffered(testChart({ grain: 'month' }))).toEqual([]);
  const axis = { kind: 'numbers', column: 'Speed' } as const;
  expect(atGrain({ ...chart, axis }, 'year').grain).toBe('month');
});
