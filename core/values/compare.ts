/** Within this share of the larger one, two figures that come from a division count as equal. */
export const relativeTolerance = 1e-9;

/**
 * Compares a figure with its mark.
 * @param exact both are sums, counts or figures as recorded; false when one comes from a division
 * @returns negative, 0 or positive, as for sorting
 */
export function compareFigures(figure: number, mark: number, exact: boolean): number {
  if (figure === mark) return 0;
  if (!exact) {
    const size = Math.max(Math.abs(figure), Math.abs(mark));
    if (Math.abs(figure - mark) <= relativeTolerance * size) return 0;
  }
  return figure < mark ? -1 : 1;
}
