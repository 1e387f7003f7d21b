/** Where a note is to be anchored. */
export interface NoteSpot {
  /** null: the whole chart */
  day: number | null;
  series: string | null;
}
