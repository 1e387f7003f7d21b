import fc from 'fast-check';
import vectors from '../vectors/exact-sums.json';
import { compareFigures } from './compare';
import { exactDifference, exactSum } from './exact';

it.each(vectors.cases)('sums to $sum in any order', ({ values, sum }) => {
  const figures = values.map(Number);
  expect(exactSum(figures)).toBe(Number(sum) + 0);
  expect(exactSum([...figures].reverse())).toBe(Number(sum) + 0);
});

it('sums cents as whole numbers would, however large', () => {
  const cents = fc.array(fc.bigInt({ min: -(10n ** 15n), max: 10n ** 15n }), { minLength: 1 });
  fc.assert(
    fc.property(cents, (figures) => {
      const wanted = Number(`${figures.reduce((sum, figure) => sum + figure, 0n)}e-2`);
      expect(exactSum(figures.map((figure) => Number(`${figure}e-2`)))).toBe(wanted);
    }),
  );
});

it('leaves missing figures out and never makes them zero', () => {
  expect(exactSum([null, 1.1, null, 2.2])).toBe(3.3);
  expect(exactSum([null])).toBeNull();
});

it.each([
  { figure: 0.3, mark: exactSum([0.1, 0.2]) as number, exact: true, wanted: 0 },
  { figure: 0.3, mark: 0.1 + 0.2, exact: true, wanted: -1 },
  { figure: 0.3, mark: 0.1 + 0.2, exact: false, wanted: 0 },
  { figure: 1 / 3, mark: 0.3333333333, exact: false, wanted: 0 },
  { figure: -2, mark: -1, exact: false, wanted: -1 },
])('compares $figure with $mark', ({ figure, mark, exact, wanted }) => {
  expect(compareFigures(figure, mark, exact)).toBe(wanted);
});

it('takes differences exactly', () => {
  expect(exactDifference(0.3, 0.1)).toBe(0.2);
  expect(exactDifference(1.1, 1.1)).toBe(0);
});
