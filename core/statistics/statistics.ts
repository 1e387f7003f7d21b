import { exactSum, type Figures, percentileOfSorted } from '../values';

function present(figures: Figures): number[] {
  return figures.filter((figure) => figure !== null);
}

/** Computes something of the same figures once: several statistics may need it, time and again. */
function once<Found>(compute: (figures: Figures) => Found): (figures: Figures) => Found {
  const known = new WeakMap<Figures, { found: Found }>();
  return (figures) => {
    const held = known.get(figures) ?? { found: compute(figures) };
    known.set(figures, held);
    return held.found;
  };
}

const sorted = once((figures) => Float64Array.from(present(figures)).sort());

/**
 * How many figures are not missing.
 * @param figures missing ones are null
 */
export function count(figures: Figures): number {
  let present = 0;
  for (const figure of figures) if (figure !== null) present += 1;
  return present;
}

/** The exact decimal sum divided by the count; null when all are missing. */
export const mean = once((figures): number | null => {
  const sum = exactSum(figures);
  return sum === null ? null : sum / count(figures);
});

/**
 * The smallest figure; null when all are missing.
 * @param figures missing ones are null
 */
export function minimum(figures: Figures): number | null {
  return percentile(figures, 0);
}

/**
 * The largest figure; null when all are missing.
 * @param figures missing ones are null
 */
export function maximum(figures: Figures): number | null {
  return percentile(figures, 1);
}

/**
 * The middle figure, or the mean of the two in the middle; null when all are missing.
 * @param figures missing ones are null
 */
export function median(figures: Figures): number | null {
  return percentile(figures, 0.5);
}

/**
 * A percentile (Hyndman and Fan 1996, type 7); null when all are missing.
 * @param share 0 to 1
 */
export function percentile(figures: Figures, share: number): number | null {
  const ascending = sorted(figures);
  return ascending.length === 0 ? null : percentileOfSorted(ascending, share);
}

/**
 * The standard deviation, in two passes so that a large mean does not swallow a small spread.
 * @param of sample divides by n - 1, population by n
 * @returns null when there are too few figures
 */
export function standardDeviation(figures: Figures, of: 'sample' | 'population'): number | null {
  const { squares, values } = squaredDeviations(figures);
  const divisor = of === 'sample' ? values - 1 : values;
  return divisor < 1 ? null : Math.sqrt(squares / divisor);
}

/** The summed squares of the distances from the mean, and how many figures there are. */
const squaredDeviations = once((figures) => {
  const values = present(figures);
  const centre = mean(figures) ?? 0;
  let squares = 0;
  let drift = 0;
  for (const value of values) {
    squares += (value - centre) ** 2;
    drift += value - centre;
  }
  // The second term takes back the rounding of the mean itself (Chan, Golub and LeVeque 1983).
  return { squares: Math.max(0, squares - drift ** 2 / values.length), values: values.length };
});

/**
 * The edges of equal-count steps; a figure on an edge belongs to the lower step.
 * @param steps how many
 * @returns steps + 1 edges, ascending; none when all figures are missing
 */
export function stepEdges(figures: Figures, steps: number): number[] {
  const ascending = sorted(figures);
  if (ascending.length === 0) return [];
  return Array.from({ length: steps + 1 }, (_, edge) =>
    percentileOfSorted(ascending, edge / steps),
  );
}
