import type { Day } from '../calendar';
import type { Position } from '../arrangements';
import type { SeriesLine } from '../series';

/** What anchors a note: a day, and the series it speaks of, if any. */
export interface NoteAnchor {
  day: Day;
  series: string | null;
}

/** Where a note stands on a chart. */
export interface NotePlace {
  /** the place of the period that contains the day; null when it is not among those shown */
  period: number | null;
  /** the figure of its series there; null without a series or a figure */
  figure: number | null;
  /** its series is gone from the chart */
  adrift: boolean;
}

/** Finds where a note stands. It keeps its day whatever happens to the figures. */
export function placeNote(
  note: NoteAnchor,
  lines: readonly Pick<SeriesLine, 'id' | 'figures'>[],
  axis: readonly Pick<Position, 'start' | 'next'>[],
): NotePlace {
  const place = axis.findIndex(({ start, next }) => note.day >= start && note.day < next);
  // A series laid over by years has a line for each; a note speaks of all of them.
  const line = lines.find(({ id }) => id === note.series || id.split('@')[0] === note.series);
  return {
    period: place < 0 ? null : place,
    figure: (place < 0 ? null : line?.figures[place]) ?? null,
    adrift: note.series !== null && !line,
  };
}
