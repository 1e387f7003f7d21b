import type { DeliveryMode, FileForm } from '../../contract';
import type { StoredDoubts } from '../database';
import type { StorableTable } from './typedTable';

/** Where a delivery goes: into a new source, or to the rows that a source has. */
export type Target = { ownerId: number } & (
  { name: string } | { sourceId: number; mode: DeliveryMode; keys: readonly string[] }
);

/** Cells of a delivery that did not fit, and how many by column. */
export interface FoundDoubts extends StoredDoubts {
  byColumn: Record<string, number>;
}

/** A table that was delivered, and where it came from. */
export interface Delivery {
  fileName: string;
  uploadId: string | null;
  form: FileForm;
  /** the cells that did not fit, once the rows have been read */
  doubts: () => FoundDoubts;
  table: StorableTable;
}

/** What is told while a delivery is stored. */
export interface StoreListener {
  /** the version that is begun, for whoever has to clear it away when this is stopped */
  onBegun?: (versionId: number) => void;
  onProgress?: (rows: number, ofRows: number) => void;
}

/** Another version was put in place while this one was put together. */
export class Superseded extends Error {
  constructor() {
    super('Another version was put in place meanwhile.');
    this.name = 'Superseded';
  }
}
