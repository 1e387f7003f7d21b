import { aggregate, columnsAsked, type Frame, type FrameRequest } from '../../core/frame';
import { missingDay } from '../../core/table';
import { mostRecorded, type RecordedDate } from '../../core/yardsticks';
import { cellAt, type RawColumn, type RowRange } from '../columns';
import type { Database } from '../database';
import { EngineMissing } from '../engine';
import { settings } from '../settings';
import { isLarge, readColumns } from '../sources';
import type { ColumnCache } from './columnCache';
import { aggregateLarge } from './large/largeFrame';
import { openLarge } from './large/largeVersion';
import { type RowsAsked, type RowsFound, rowsOf } from './rowsOf';
import type { VersionColumns } from './versionColumns';

/** What the figures thread is asked of a version. */
export type VersionQuestion =
  | { kind: 'frame'; request: FrameRequest }
  /** rows for which a comparison holds */
  | { kind: 'rows'; asked: RowsAsked }
  /** the cells of some columns, over some rows */
  | { kind: 'cells'; places: readonly number[]; range: RowRange }
  /** each date of a column once, with what its first row has in another; -1: in none */
  | { kind: 'dates'; date: number; label: number }
  /** the words of a column, as they come */
  | { kind: 'words'; place: number };

export interface VersionAnswers {
  frame: Frame;
  rows: RowsFound;
  cells: RawColumn[];
  dates: RecordedDate[];
  words: readonly string[];
}

/** What the acts work with. */
export interface Desk {
  database: Database;
  cache: ColumnCache;
}

type Asked<Kind extends VersionQuestion['kind']> = Extract<VersionQuestion, { kind: Kind }>;

/** How each question is answered. */
export const acts: {
  [Kind in VersionQuestion['kind']]: (
    desk: Desk,
    version: VersionColumns,
    question: Asked<Kind>,
  ) => Promise<VersionAnswers[Kind]>;
} = {
  frame: async ({ database, cache }, version, { request }) => {
    const names = columnsAsked(request);
    const byEngine = async () => aggregateLarge(await openLarge(database, version), request);
    if (!fits(version, names.length)) return byEngine();
    const inMemory = async () => aggregate(await cache.table(version, names), request);
    if (!isLarge(version) || cache.holds(version, names)) return inMemory();
    try {
      // The engine has its answer before the columns are in memory, where the next ones come from.
      return await byEngine();
    } catch (error) {
      if (error instanceof EngineMissing) return await inMemory();
      throw error;
    } finally {
      setTimeout(() => void cache.table(version, names).catch(() => {}), pause).unref();
    }
  },

  rows: ({ database }, version, { asked }) => rowsOf(database, version, asked),

  cells: ({ database }, version, { places, range }) =>
    readColumns(database, version, places, range),

  dates: async ({ database }, version, { date, label }) => {
    const places = label < 0 ? [date] : [date, label];
    const [days, labels] = await readColumns(database, version, places);
    if (days?.kind !== 'date') return [];
    const firsts = new Map<number, number>();
    days.days.forEach((day, row) => {
      if (day !== missingDay && !firsts.has(day)) firsts.set(day, row);
    });
    return [...firsts]
      .sort(([a], [b]) => a - b)
      .slice(0, mostRecorded)
      .map(([day, row]) => ({ day, name: labels ? String(cellAt(labels, row) ?? '') : '' }));
  },

  words: async ({ cache }, version, { place }) => {
    const name = version.columns[place]?.name ?? '';
    const [column] = (await cache.table(version, [name])).columns;
    return column?.kind === 'text' ? column.words : [];
  },
};

/** How long whoever asks next is spared what loading takes, in milliseconds. */
const pause = 1500;

/** What a cell of a column in memory takes at most. */
const bytesOfCell = 8;

/** Columns that would not fit in memory, or take long to come there, are asked of the engine. */
const fits = ({ rows }: VersionColumns, columns: number) =>
  rows * columns * bytesOfCell <= settings.columnBytes && rows <= settings.rowsInMemory;
