/** Years of calendars in use, as they are written bare. */
const written = { first: 1000, last: 2999 };

/**
 * Whether figures are bare years, which are written without thousands marks and have none between them.
 * @param figures all that stand along an axis
 */
export const areBareYears = (figures: readonly number[]): boolean =>
  figures.length > 0 &&
  figures.every((each) => Number.isInteger(each) && each >= written.first && each <= written.last);
