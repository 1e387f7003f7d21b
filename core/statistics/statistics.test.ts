import fc from 'fast-check';
import vectors from '../vectors/statistics.json';
import * as statistics from './index';

function near(found: number | null, wanted: number | null, tolerance = 1e-9) {
  if (found === null || wanted === null) return expect(found).toBe(wanted);
  expect(Math.abs(found - wanted)).toBeLessThanOrEqual(
    tolerance * Math.max(Math.abs(wanted), 1e-300),
  );
}

it.each(vectors.cases.map((example, place) => ({ place, ...example })))(
  'meets case $place worked out independently',
  (example) => {
    const { values } = example;
    expect(statistics.count(values)).toBe(example.count);
    near(statistics.mean(values), example.mean);
    near(statistics.median(values), example.median);
    expect(statistics.minimum(values)).toBe(example.min);
    expect(statistics.maximum(values)).toBe(example.max);
    const { standardDeviationSample: sample, standardDeviationPopulation: population } = example;
    // Only where a large mean hides a tiny spread may the digits be fewer.
    const hidden = (sample ?? 1) < 1e-6 * Math.abs(example.mean ?? 0);
    const tolerance = hidden ? 1e-6 : 1e-9;
    near(statistics.standardDeviation(values, 'sample'), sample, tolerance);
    near(statistics.standardDeviation(values, 'population'), population, tolerance);
    for (const [share, wanted] of Object.entries(example.percentiles ?? {}))
      near(statistics.percentile(values, Number(share)), wanted);
    for (const [steps, edges] of Object.entries(example.quantileEdges ?? {}))
      statistics
        .stepEdges(values, Number(steps))
        .forEach((edge, k) => near(edge, edges[k] ?? null));
  },
);

it('gives an edge more than there are steps', () => {
  expect(statistics.stepEdges([3, 1, 2], 2)).toEqual([1, 2, 3]);
  expect(statistics.stepEdges([7], 4)).toEqual([7, 7, 7, 7, 7]);
});

it('says missing, not zero, when no figure is there', () => {
  expect([
    statistics.mean([null]),
    statistics.median([]),
    statistics.standardDeviation([1], 'sample'),
  ]).toEqual([null, null, null]);
  expect(statistics.stepEdges([null], 4)).toEqual([]);
});

it('keeps every statistic between the lowest and the highest figure', () => {
  const figures = fc.array(fc.integer({ min: -1e6, max: 1e6 }), { minLength: 1 });
  fc.assert(
    fc.property(figures, fc.double({ min: 0, max: 1, noNaN: true }), (values, share) => {
      const found = statistics.percentile(values, share) as number;
      expect(found).toBeGreaterThanOrEqual(Math.min(...values));
      expect(found).toBeLessThanOrEqual(Math.max(...values));
    }),
  );
});
