import { rename } from 'node:fs/promises';
import type { DuckDBConnection } from '@duckdb/node-api';
import { missingDay } from '../../../core/table';
import { exactDigits, fileColumn, type KeptColumn, type RawColumn, rowColumn } from '../../columns';
import type { EngineTask } from '../tasks';

/** Rows that the engine takes at once. */
const vectorRows = 2048;

/** Up to so many words stand in a list, by which they are found quicker than in a table. */
const mostListed = 10_000;

/** Packs rows as a Parquet file. */
export async function packRows(
  engine: DuckDBConnection,
  task: Extract<EngineTask, { kind: 'pack' }>,
): Promise<null> {
  const { file, kept, columns, rows, first } = task;
  const { DuckDBDataChunk, DOUBLE, INTEGER } = await import('@duckdb/node-api');
  const types = [INTEGER, ...columns.map(({ kind }) => (kind === 'number' ? DOUBLE : INTEGER))];
  const names = types.map((type, at) => `v${at} ${type === DOUBLE ? 'DOUBLE' : 'INTEGER'}`);
  await engine.run(`CREATE OR REPLACE TEMP TABLE cells (${names.join(', ')})`);
  const appender = await engine.createAppender('cells');
  const numbers = Int32Array.from({ length: rows }, (_, row) => first + row);
  const cells = [numbers, ...columns.map(cellsOf)];
  for (let from = 0; from < rows; from += vectorRows) {
    const count = Math.min(vectorRows, rows - from);
    const chunk = DuckDBDataChunk.create(types, count);
    cells.forEach((column, at) => {
      const vector = chunk.getColumnVector(at);
      const { items } = vector as unknown as { items: Int32Array | Float64Array };
      items.set(column.subarray(from, from + count));
      vector.flush();
    });
    appender.appendDataChunk(chunk);
  }
  appender.closeSync();
  const found: Written[] = [];
  // A connection does one statement at a time: begun while another is pending, it would end that one.
  for (const [place, column] of columns.entries())
    found.push(await written(engine, column, place, kept[place] as KeptColumn));
  const list = [`v0 AS ${rowColumn}`, ...found.map(({ expression }) => expression)].join(', ');
  const joins = found.map(({ join }) => join).join('');
  // Looked up in a table, rows come in any order.
  const order = joins === '' ? '' : ' ORDER BY v0';
  const path = `${file}.parquet`;
  await engine.run(
    `COPY (SELECT ${list} FROM cells${joins}${order}) TO '${path.replaceAll("'", "''")}' (FORMAT parquet, COMPRESSION zstd)`,
  );
  await engine.run('DROP TABLE cells');
  for (const { table } of found) if (table) await engine.run(`DROP TABLE ${table}`);
  await rename(path, file);
  return null;
}

const cellsOf = (column: RawColumn): Int32Array | Float64Array =>
  column.kind === 'date' ? column.days : column.kind === 'number' ? column.values : column.codes;

interface Written {
  expression: string;
  join: string;
  /** a table of words that goes once they are written */
  table: string | null;
}

/** How a column is written of its cells: blank ones as NULL, words as themselves. */
async function written(
  engine: DuckDBConnection,
  column: RawColumn,
  place: number,
  { digits, decimals }: KeptColumn,
): Promise<Written> {
  const [cell, name] = [`v${place + 1}`, fileColumn(place)];
  const plain = (expression: string) => ({
    expression: `${expression} AS ${name}`,
    join: '',
    table: null,
  });
  if (column.kind === 'date')
    return plain(
      `CASE WHEN ${cell} = ${missingDay} THEN NULL ELSE DATE '1970-01-01' + ${cell} END`,
    );
  if (column.kind === 'number') {
    const there = `CASE WHEN isnan(${cell}) THEN NULL ELSE ${cell} END`;
    // Multiplied, a figure of many digits would be rounded; as it is written, it is not.
    const whole = digits > exactDigits ? `CAST(${there} AS VARCHAR)` : there;
    return plain(digits === 0 ? there : `CAST(${whole} AS DECIMAL(${digits}, ${decimals}))`);
  }
  const table = `own_words_${place}`;
  await fillWords(engine, table, column.words);
  if (column.words.length > mostListed)
    return {
      expression: `${table}.word AS ${name}`,
      join: ` LEFT JOIN ${table} ON ${table}.code = ${cell}`,
      table,
    };
  await engine.run(`SET VARIABLE ${table} = (SELECT list(word ORDER BY code) FROM ${table})`);
  const { expression } = plain(
    `CASE WHEN ${cell} < 0 THEN NULL ELSE getvariable('${table}')[${cell} + 1] END`,
  );
  return { expression, join: '', table };
}

async function fillWords(engine: DuckDBConnection, table: string, words: readonly string[]) {
  const { DuckDBDataChunk, INTEGER, VARCHAR } = await import('@duckdb/node-api');
  await engine.run(`CREATE OR REPLACE TEMP TABLE ${table} (code INTEGER, word VARCHAR)`);
  const appender = await engine.createAppender(table);
  for (let from = 0; from < words.length; from += vectorRows) {
    const some = words.slice(from, from + vectorRows);
    const chunk = DuckDBDataChunk.create([INTEGER, VARCHAR], some.length);
    chunk.setColumnValues(
      0,
      some.map((_, at) => from + at),
    );
    chunk.setColumnValues(1, some);
    appender.appendDataChunk(chunk);
  }
  appender.closeSync();
}
