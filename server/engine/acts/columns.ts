import type { DuckDBConnection, DuckDBVector } from '@duckdb/node-api';
import { missingDay } from '../../../core/table';
import { exactDigits, fileColumn, type KeptColumn, type RawColumn, rowColumn } from '../../columns';
import { relationOf } from '../relation';
import type { EngineTask } from '../tasks';

/** Reads columns of a version, each cell at the number of its row. */
export async function readColumns(
  engine: DuckDBConnection,
  { files, kept, places, from, to }: Extract<EngineTask, { kind: 'columns' }>,
): Promise<RawColumn[]> {
  const facts = relationOf(files);
  const within = `${rowColumn} >= ${from} AND ${rowColumn} < ${to}`;
  const fillings = places.map((place, at) =>
    fillingOf(kept[place] as KeptColumn, { name: fileColumn(place), at, rows: to - from }),
  );
  for (const filling of fillings) await filling.begin?.(engine, facts, within);
  const list = fillings.map(({ expression }) => expression).join(', ');
  const joins = fillings.map(({ join = '' }) => join).join('');
  const answer = await engine.stream(
    `SELECT ${rowColumn}, ${list} FROM ${facts} AS facts${joins} WHERE ${within}`,
  );
  for (;;) {
    const chunk = await answer.fetchChunk();
    if (!chunk || chunk.rowCount === 0) break;
    const rows = itemsOf(chunk.getColumnVector(0)).items as Int32Array;
    const count = chunk.rowCount;
    const follow = rowsFollow(rows, count);
    fillings.forEach(({ cells }, at) => {
      const { items, isValid } = itemsOf(chunk.getColumnVector(at + 1));
      // Most come as they lie in the file, whole.
      if (follow && !isValid) cells.set(items.subarray(0, count), (rows[0] as number) - from);
      else
        for (let row = 0; row < count; row += 1)
          if (!isValid || isValid(row)) cells[(rows[row] as number) - from] = items[row] as number;
    });
  }
  for (const filling of fillings) await filling.finish?.(engine);
  return fillings.map(({ column }) => column);
}

/** Whether rows come one after another. */
function rowsFollow(rows: Int32Array, count: number): boolean {
  for (let row = 1; row < count; row += 1)
    if ((rows[row] as number) !== (rows[row - 1] as number) + 1) return false;
  return true;
}

/** The cells of a vector, and which of them are there; missing: all. */
function itemsOf(vector: DuckDBVector) {
  const { items, validity } = vector as unknown as {
    items: Int32Array | Float64Array;
    validity: { data: unknown; itemValid(row: number): boolean };
  };
  return {
    items,
    isValid: validity.data === null ? null : (row: number) => validity.itemValid(row),
  };
}

interface Filling {
  column: RawColumn;
  /** by row, from the first that is read */
  cells: Int32Array | Float64Array;
  expression: string;
  join?: string;
  begin?(engine: DuckDBConnection, facts: string, within: string): Promise<void>;
  finish?(engine: DuckDBConnection): Promise<void>;
}

interface Asked {
  name: string;
  at: number;
  rows: number;
}

function fillingOf({ kind, digits }: KeptColumn, { name, at, rows }: Asked): Filling {
  if (kind === 'date') {
    const days = new Int32Array(rows).fill(missingDay);
    return {
      column: { kind, days },
      cells: days,
      expression: `CAST(${name} - DATE '1970-01-01' AS INTEGER)`,
    };
  }
  if (kind === 'number') {
    const values = new Float64Array(rows).fill(NaN);
    return {
      column: { kind, values },
      cells: values,
      // Of many digits, what is written comes to the nearest figure; divided, it is rounded twice.
      expression: `CAST(${digits > exactDigits ? `CAST(${name} AS VARCHAR)` : name} AS DOUBLE)`,
    };
  }
  const column = { kind, codes: new Int32Array(rows).fill(-1), words: [] as string[] };
  const table = `words_${at}`;
  return {
    column,
    expression: `${table}.code`,
    join: ` LEFT JOIN ${table} ON ${table}.word = facts.${name}`,
    cells: column.codes,
    // One code a word, in the order in which they come.
    begin: async (engine, facts, within) => {
      await engine.run(
        `CREATE OR REPLACE TEMP TABLE ${table} AS SELECT ${name} AS word, CAST(row_number() OVER (ORDER BY MIN(${rowColumn})) - 1 AS INTEGER) AS code FROM ${facts} WHERE ${within} AND ${name} IS NOT NULL GROUP BY ${name}`,
      );
    },
    finish: async (engine) => {
      const found = await engine.runAndReadAll(`SELECT word FROM ${table} ORDER BY code`);
      column.words = found.getColumnsJS()[0] as string[];
      await engine.run(`DROP TABLE ${table}`);
    },
  };
}
