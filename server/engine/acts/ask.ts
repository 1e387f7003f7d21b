import type { DuckDBConnection } from '@duckdb/node-api';
import type { EngineRow, EngineTask } from '../tasks';

/** More rows than these are no answer that anybody reads. */
const mostRows = 2_000_000;

/** Answers a question with its rows: figures, words, and nothing else. */
export async function answerQuestion(
  engine: DuckDBConnection,
  { sql, values }: Extract<EngineTask, { kind: 'ask' }>,
): Promise<EngineRow[]> {
  const answer = await engine.stream(sql, [...values]);
  const rows: EngineRow[] = [];
  for (;;) {
    const chunk = await answer.fetchChunk();
    if (!chunk || chunk.rowCount === 0) return rows;
    const columns = Array.from({ length: chunk.columnCount }, (_, at) => chunk.getColumnVector(at));
    for (let row = 0; row < chunk.rowCount; row += 1)
      rows.push(columns.map((column) => asCell(column.getItem(row))));
    if (rows.length > mostRows) throw new Error('The answer has too many rows.');
  }
}

const asCell = (value: unknown): number | string | null =>
  typeof value === 'bigint' ? Number(value) : (value as number | string | null);
