import type { Day } from '../../core/calendar';
import type { StoredColumn } from '../database';
import type { ReadableVersion } from '../sources';

/** A source version as the figures thread needs it. */
export interface VersionColumns extends ReadableVersion {
  columns: StoredColumn[];
  /** the day up to which its figures are complete, where somebody has said so */
  completeTo?: Day | null;
}

/** A column of a version, and where it stands. */
export interface Placed {
  place: number;
  stored: StoredColumn;
}

/** Finds a column of a version by its name. */
export function columnNamed({ columns }: Pick<VersionColumns, 'columns'>, name: string): Placed {
  const place = columns.findIndex((column) => column.name === name);
  return { place, stored: columns[place] as StoredColumn };
}
