import type { Note } from '../../contract';
import { formatDay } from '../../core/calendar';

/** A note that is being written or changed. */
export interface NoteDraft {
  chartId: number;
  /** null: it speaks of the whole chart */
  day: string | null;
  /** the last day of what it speaks of; null: of one day alone */
  until: string | null;
  series: string | null;
  /** the note that is changed; null for a new one */
  note: Note | null;
}

/** A note as it is changed. */
export const changedNote = (note: Note): NoteDraft => ({
  chartId: note.chartId,
  day: note.day,
  until: note.until,
  series: note.series,
  note,
});

/**
 * A new note where the reader pointed.
 * @param anchor the day and the series that were pointed at; null for neither
 */
export function newNote(
  chartId: number,
  { day, series }: { day: number | null; series: string | null },
): NoteDraft {
  const written = day === null ? null : formatDay(day);
  return { chartId, day: written, until: null, series, note: null };
}
