/**
 * A percentile by linear interpolation between closest ranks.
 * Source: Hyndman and Fan (1996), Sample Quantiles in Statistical Packages, type 7.
 * @param sorted figures in ascending order, at least one
 * @param share 0 to 1
 */
export function percentileOfSorted(sorted: ArrayLike<number>, share: number): number {
  const rank = (sorted.length - 1) * share;
  const below = Math.floor(rank);
  const lower = sorted[below] as number;
  const upper = sorted[Math.min(below + 1, sorted.length - 1)] as number;
  return lower + (upper - lower) * (rank - below);
}
