import { Profiler } from './profile';

function profile(kind: 'date' | 'number' | 'text', values: (number | string | null)[]) {
  const profiler = new Profiler(kind);
  values.forEach((value) => profiler.add(value));
  return profiler.finish();
}

it('pictures all the values of a long column, not only its first', () => {
  const { bins, distinct, range } = profile(
    'number',
    Array.from({ length: 100_000 }, (_, place) => place),
  );
  expect([distinct, range]).toEqual([1000, [0, 99_999]]);
  const even = 5000 / bins.length;
  for (const count of bins) expect(Math.abs(count - even)).toBeLessThan(even / 2);
});

it.each([
  ['number', [1.25, null, -30, 7], { blank: 1, decimals: 2, largest: 30, range: [-30, 7] }],
  ['number', [], { distinct: 0, range: null, bins: [] }],
  ['number', [5, 5], { distinct: 1, range: [5, 5], bins: [2] }],
  ['date', [20_000, 20_010], { decimals: 0, largest: 0, range: [20_000, 20_010] }],
  [
    'text',
    ['B', 'A', 'B'],
    {
      range: null,
      common: [
        { word: 'B', count: 2 },
        { word: 'A', count: 1 },
      ],
    },
  ],
] as const)('profiles %s of %j', (kind, values, wanted) => {
  expect(profile(kind, [...values])).toMatchObject(wanted);
});
