/** The median of measurements. */
export function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const middle = Math.floor(sorted.length / 2);
  const upper = sorted[middle] ?? NaN;
  return sorted.length % 2 ? upper : ((sorted[middle - 1] ?? NaN) + upper) / 2;
}
