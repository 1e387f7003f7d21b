import type { GridPlace } from '../../contract';

/** Charts in the order in which they are read: row by row, each from the left. */
export const byReading = <Placed extends { place: GridPlace | null }>(
  charts: readonly Placed[],
): Placed[] =>
  [...charts].sort(
    (a, b) => (a.place?.y ?? 0) - (b.place?.y ?? 0) || (a.place?.x ?? 0) - (b.place?.x ?? 0),
  );
