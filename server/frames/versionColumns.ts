import type { Day } from '../../core/calendar';
import type { StoredColumn } from '../database';

/** A source version as the figures thread needs it. */
export interface VersionColumns {
  versionId: number;
  rows: number;
  columns: StoredColumn[];
  /** the day up to which its figures are complete, where somebody has said so */
  completeTo?: Day | null;
}
