import fc from 'fast-check';
import {
  figureFormat,
  finerFormat,
  writeDifference,
  writeFigure,
  writeNumber,
  writeWhole,
} from './figures';
import { writeOrdinal } from './ordinal';
import { partLabels } from './placement';
import { axisValues, valueAxis } from './scale';
import { withoutSlots } from './slots';

it.each([
  [1_314_567.8, false, '1.31m', '+1.31'],
  [-84_210, true, '\u221284.2k', '\u221284.2'],
  [4210, true, '4,210', '+4,210'],
  [92.4, false, '92.4', '+92.4'],
  [412.5, false, '412.5', '+412.5'],
  [0, true, '0', '0'],
  [3234.6, false, '3,235', '+3,235'],
  [1.834, false, '1.83', '+1.83'],
])('writes %s', (figure, whole, wanted, difference) => {
  const format = figureFormat(figure, whole);
  expect(writeFigure(figure, format)).toBe(wanted);
  expect(writeDifference(figure, format)).toBe(difference);
});

it('tells a text without what its slots would hold', () => {
  expect(withoutSlots('Fares to {last actual}, {filters}')).toBe('Fares to …, …');
});

it('says which place in an order a number is', () => {
  const places = ['1st', '2nd', '3rd', '4th', '11th', '12th', '13th', '21st', '103rd', '111th'];
  expect(places.map((place) => writeOrdinal(parseInt(place, 10)))).toEqual(places);
  expect(writeOrdinal(2.5)).toBe('2.5th');
});

it.each([
  [1.005, 2, '1.01'],
  [-0.004, 2, '0.00'],
  [-0.005, 2, '\u22120.01'],
  [999.995, 2, '1,000.00'],
  [-1234567.5, 0, '\u22121,234,568'],
  [1e21, 0, '1,000,000,000,000,000,000,000'],
  [0, 2, '0.00'],
])('writes %d with %d decimals as people read it', (figure, decimals, wanted) => {
  expect(writeNumber(figure, { divisor: 1, suffix: '', decimals })).toBe(wanted);
});

it.each([
  [1157375, '1,157,375'],
  [0.1 + 0.2, '0.3'],
  [-12.5, '\u221212.5'],
  [100, '100'],
  [1e-9, '0'],
  [1000.000001, '1,000.000001'],
])('writes %d in full', (figure, wanted) => {
  expect(writeWhole(figure)).toBe(wanted);
});

it('writes figures as the platform does', () => {
  const format = (decimals: number) =>
    new Intl.NumberFormat('en-GB', {
      minimumFractionDigits: decimals,
      maximumFractionDigits: decimals,
      signDisplay: 'negative',
    });
  const formats = [0, 1, 2, 3].map(format);
  fc.assert(
    fc.property(
      fc.double({ min: -1e12, max: 1e12, noNaN: true }),
      fc.integer({ min: 0, max: 3 }),
      (figure, decimals) => {
        const wanted = formats[decimals]?.format(figure).replace('-', '\u2212');
        expect(writeNumber(figure, { divisor: 1, suffix: '', decimals })).toBe(wanted);
      },
    ),
  );
});

it('finds a round axis that holds every figure', () => {
  const ends = fc.double({ min: -1e9, max: 1e9, noNaN: true });
  fc.assert(
    fc.property(ends, ends, (a, b) => {
      const axis = valueAxis(a, b);
      const slack = axis.step * 1e-6;
      expect(axis.from).toBeLessThanOrEqual(Math.min(a, b) + slack);
      expect(axis.to).toBeGreaterThanOrEqual(Math.max(a, b) - slack);
      expect(axisValues(axis).length).toBeLessThan(14);
    }),
  );
});

it('starts at zero where that wastes little, and not where it wastes much', () => {
  expect(valueAxis(20, 100).from).toBe(0);
  expect(valueAxis(85, 96).from).toBeGreaterThan(80);
});

it('spreads labels without overlap, within the column, in their order', () => {
  const labels = fc.array(fc.integer({ min: 0, max: 300 }), { minLength: 1, maxLength: 15 });
  fc.assert(
    fc.property(labels, (wanted) => {
      const placed = partLabels(
        wanted.map((each) => ({ wanted: each, height: 16 })),
        { from: 0, to: 300 },
      );
      const sorted = [...placed].sort((a, b) => a - b);
      sorted
        .slice(1)
        .forEach((centre, place) =>
          expect(centre - (sorted[place] as number)).toBeGreaterThan(15.99),
        );
      expect(sorted[0]).toBeGreaterThanOrEqual(8 - 1e-9);
      expect(sorted.at(-1)).toBeLessThanOrEqual(292 + 1e-9);
      wanted.forEach((a, i) =>
        wanted.forEach((b, k) => a < b && expect(placed[i]).toBeLessThan(placed[k] as number)),
      );
    }),
  );
});

it.each([
  [3, '3'],
  [0.25, '0.25'],
  [-0.0004, '\u22120.00040'],
  [0, '0'],
  [60_000, '0.06m'],
])('writes %d beside millions so that only a true zero reads as zero', (figure, wanted) => {
  expect(writeFigure(figure, { divisor: 1e6, suffix: 'm', decimals: 2 })).toBe(wanted);
});

it('adds decimals until the least figure can be seen', () => {
  const format = { divisor: 1e6, suffix: 'm', decimals: 2 };
  expect(finerFormat([2e6, 400, null, 0], format).decimals).toBe(4);
  expect(finerFormat([2e6, 4], format).decimals).toBe(6);
  expect(finerFormat([null], format)).toEqual(format);
});
