/** Figures between these are years, where all that stand along an axis are: amounts lie wider apart. */
const written = { first: 1800, last: 2199 };

/**
 * Whether figures are bare years, which are written without thousands marks and have none between them.
 * @param figures all that stand along an axis
 */
export const areBareYears = (figures: readonly number[]): boolean =>
  figures.length > 0 &&
  figures.every((each) => Number.isInteger(each) && each >= written.first && each <= written.last);
