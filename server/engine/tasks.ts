import type { KeptColumn } from '../columns';
import type { RawColumn } from '../columns';

/** What the engine is asked for, one after another. Files stand in the folder of columns. */
export type EngineTask =
  /** packs rows as a Parquet file */
  | {
      kind: 'pack';
      file: string;
      kept: readonly KeptColumn[];
      columns: readonly RawColumn[];
      /** the number of the first row in its version */
      first: number;
      rows: number;
    }
  /** reads columns of a version */
  | {
      kind: 'columns';
      files: readonly string[];
      kept: readonly KeptColumn[];
      places: readonly number[];
      /** the rows that are read, by their numbers, the last one not among them */
      from: number;
      to: number;
    }
  /** asks a question of a version, whose values are bound */
  | { kind: 'ask'; sql: string; values: readonly EngineValue[] }
  /** does statements one after another, which see each other's temporary tables */
  | { kind: 'script'; statements: readonly string[] };

export type EngineValue = number | string;

/** A row of an answer. */
export type EngineRow = (number | string | null)[];

export interface EngineResults {
  pack: null;
  columns: RawColumn[];
  ask: EngineRow[];
  script: EngineRow[][];
}

export type EngineAnswer =
  /** it is still at it: so many statements are done */
  | { step: number }
  | { result: EngineResults[EngineTask['kind']] }
  /** the engine cannot be loaded here, or not do this */
  | { missing: string }
  | { failed: string };
