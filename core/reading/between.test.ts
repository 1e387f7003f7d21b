import { between, sayBetween } from './between';
import { sayApart, sayTotalOf } from './words';

const format = { divisor: 1000, suffix: 'k', decimals: 1 };

it.each([
  ['a rise', [100_000, 125_000], '+25.0k (+25.0%)'],
  ['a fall', [200_000, 150_000], '−50.0k (−25.0%)'],
  ['a rise out of a loss', [-50_000, 50_000], '+100.0k (+200.0%)'],
  ['a rise from nothing', [0, 5000], '+5.0k'],
  ['no change', [100, 100], '0.0k (0.0%)'],
])('says %s between two dates, whichever was held first', (_, figures, words) => {
  const line = { figures, exact: true, format };
  for (const [one, two] of [
    [0, 1],
    [1, 0],
  ] as const) {
    const found = between(line, one, two);
    expect(found && sayBetween(found, line)).toBe(words);
  }
});

it('says nothing where a figure is missing, and adds no dust of decimals', () => {
  expect(between({ figures: [1, null], exact: true }, 0, 1)).toBeNull();
  expect(between({ figures: [0.1, 0.3], exact: true }, 0, 1)?.difference).toBe(0.2);
});

it('says in points what lies between two percentages, and not in per cent of them', () => {
  const percent = {
    divisor: 1,
    suffix: '',
    decimals: 1,
    style: { marks: 'comma', unit: '%', unitAt: 'after' },
  } as const;
  const line = { figures: [12.5, 14.45], exact: true, format: percent };
  const found = between(line, 0, 1);
  expect(found && sayBetween(found, line)).toBe('+2.0 points');
  const held = { markName: 'Target', good: 'atLeast' } as const;
  expect(sayApart(-2.5, held, percent)).toBe('2.5 points under Target');
  expect(sayTotalOf(-2.5, { format: percent })).toBe('2.5 points short');
});
