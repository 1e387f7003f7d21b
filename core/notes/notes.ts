import { type Day, parseDay } from '../calendar';
import type { Position } from '../arrangements';
import { writeDay, writeStretch } from '../labels';
import type { SeriesLine } from '../series';

/** What anchors a note: a day, and the series it speaks of, if any. */
export interface NoteAnchor {
  /** null: it speaks of the whole chart */
  day: Day | null;
  series: string | null;
}

/**
 * What anchors a note whose day is written 2026-11-23, or null.
 * @param note with its day as 2026-11-23 and the id of its series
 */
export const anchorOf = (note: { day: string | null; series: string | null }): NoteAnchor => ({
  day: note.day === null ? null : parseDay(note.day),
  series: note.series,
});

/** Where a note stands on a chart. */
export interface NotePlace {
  /** the place of the period that contains the day; null when it is not among those shown */
  period: number | null;
  /** the figure of its series there; null without a series or a figure */
  figure: number | null;
  /** its series is gone from the chart */
  adrift: boolean;
}

/**
 * Finds where a note stands. It keeps its day whatever happens to the figures.
 * @param lines those drawn
 * @param axis the positions shown, from the first to the last
 */
export function placeNote(
  { day, series }: NoteAnchor,
  lines: readonly Pick<SeriesLine, 'id' | 'figures'>[],
  axis: readonly Pick<Position, 'start' | 'next'>[],
): NotePlace {
  const place = day === null ? -1 : axis.findIndex(({ start, next }) => day >= start && day < next);
  // A series laid over by years has a line for each; a note speaks of all of them.
  const line = lines.find(({ id }) => id === series || id.split('@')[0] === series);
  return {
    period: place < 0 ? null : place,
    figure: (place < 0 ? null : line?.figures[place]) ?? null,
    adrift: series !== null && !line,
  };
}

/**
 * When a note speaks of, in words: the period that its chart shows where it was pinned to one, else the
 * day, or the days from first to last.
 * @param until the last day; null: of one alone
 * @param axis null while the chart is not read
 */
export function sayNoteDays(
  { day, until }: { day: Day | null; until: Day | null },
  axis: readonly Pick<Position, 'start' | 'next' | 'label'>[] | null,
): string {
  if (day === null) return 'the whole chart';
  if (until !== null) return writeStretch(day, until);
  const period = axis?.find(({ start, next }) => day >= start && day < next);
  return period && middleOf(period) === day ? period.label : writeDay(day);
}

/** The day of a period on which its figures stand, and what is pinned to it. */
export const middleOf = ({ start, next }: Pick<Position, 'start' | 'next'>): Day =>
  Math.floor((start + next - 1) / 2);
