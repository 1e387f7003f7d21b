import type { SeriesLine } from '../series';
import type { Figures } from '../values';

/** A period that is not complete, held against its mark's share of it. */
export interface ToDate {
  place: number;
  /** how much of the period the figures cover, over 0 to 1 */
  share: number;
  /** the mark of the whole period */
  whole: number;
}

/**
 * Holds the open period of a line against its mark's share to date: of what adds up, as much as of the
 * period has passed, day by day; a level is the same on every day.
 * @returns null where there is no open figure, or what it covers is not known
 */
export function findToDate(
  { figures, open, covered }: Pick<SeriesLine, 'figures' | 'open' | 'covered'>,
  marks: Figures,
  adds: boolean,
): ToDate | null {
  const place = figures.findIndex((figure, at) => figure !== null && open[at]);
  const whole = marks[place] ?? null;
  if (covered === null || covered <= 0 || whole === null) return null;
  return { place, share: adds ? covered : 1, whole };
}

/** Marks as figures are held against them. */
export const marksToDate = (marks: Figures, toDate: ToDate | null): Figures =>
  toDate
    ? marks.map((mark, place) => (place === toDate.place ? toDate.whole * toDate.share : mark))
    : marks;
