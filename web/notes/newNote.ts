import type { Note } from '../../contract';
import { formatDay } from '../../core/calendar';

/** A note that is being written or changed. */
export interface NoteDraft {
  chartId: number;
  day: string;
  series: string | null;
  /** the note that is changed; null for a new one */
  note: Note | null;
}

/** A new note where the reader pointed. */
export function newNote(chartId: number, spot: { day: number; series: string | null }): NoteDraft {
  return { chartId, day: formatDay(spot.day), series: spot.series, note: null };
}
