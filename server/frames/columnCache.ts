import { LRUCache } from 'lru-cache';
import type { Column, Table } from '../../core/table';
import type { VersionColumns } from './versionColumns';

/** Keeps the columns that charts need in memory; the least recently used go first. */
export class ColumnCache {
  private readonly columns: LRUCache<string, Column>;
  /** columns on their way, for whoever asks for them meanwhile */
  private readonly coming = new Map<string, Promise<Column>>();

  /** @param read reads columns of a version, all in one walk */
  constructor(
    private readonly read: (version: VersionColumns, places: number[]) => Promise<Column[]>,
    mostBytes: number,
  ) {
    this.columns = new LRUCache({ maxSize: Math.max(1, mostBytes), sizeCalculation: sizeOf });
  }

  /** Whether all of some columns are in memory. */
  holds(version: VersionColumns, names: readonly string[]): boolean {
    return version.columns.every(
      ({ name }, place) =>
        !names.includes(name) || this.columns.has(`${version.versionId}:${place}`),
    );
  }

  /** The named columns of a version; those the version does not have are left out. */
  async table(version: VersionColumns, names: readonly string[]): Promise<Table> {
    const places = version.columns.flatMap(({ name }, place) =>
      names.includes(name) ? [place] : [],
    );
    const key = (place: number) => `${version.versionId}:${place}`;
    const held = new Map(places.map((place) => [place, this.columns.get(key(place))]));
    const missing = places.filter((place) => !held.get(place) && !this.coming.has(key(place)));
    if (missing.length > 0) this.load(version, missing, key);
    const columns = await Promise.all(
      places.map((place) => held.get(place) ?? (this.coming.get(key(place)) as Promise<Column>)),
    );
    return { rows: version.rows, columns };
  }

  /** Loads all columns that are missing in one walk over the rows. */
  private load(version: VersionColumns, places: number[], key: (place: number) => string) {
    const loading = this.read(version, places);
    places.forEach((place, at) => {
      const column = loading.then((columns) => columns[at] as Column);
      this.coming.set(key(place), column);
      column.then(
        (found) => {
          this.columns.set(key(place), found);
          this.coming.delete(key(place));
        },
        () => this.coming.delete(key(place)),
      );
    });
  }
}

function sizeOf(column: Column): number {
  if (column.kind === 'date') return 64 + column.days.byteLength + 8 * column.distinct.length;
  if (column.kind === 'number') return 64 + column.values.byteLength;
  return (
    64 + column.codes.byteLength + column.words.reduce((sum, word) => sum + 2 * word.length + 16, 0)
  );
}
