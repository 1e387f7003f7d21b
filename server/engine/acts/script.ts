import type { DuckDBConnection } from '@duckdb/node-api';
import type { EngineRow, EngineTask } from '../tasks';
import { answerQuestion } from './ask';

/**
 * Does statements one after another, each of which sees the temporary tables of those before it; none
 * of them stays.
 * @param onStep is told how many are done
 * @returns the rows of each
 */
export async function runScript(
  engine: DuckDBConnection,
  { statements }: Extract<EngineTask, { kind: 'script' }>,
  onStep: (done: number) => void,
): Promise<EngineRow[][]> {
  const answers: EngineRow[][] = [];
  try {
    for (const sql of statements) {
      answers.push(await answerQuestion(engine, { kind: 'ask', sql, values: [] }));
      onStep(answers.length);
    }
    return answers;
  } finally {
    await dropTemporary(engine);
  }
}

async function dropTemporary(engine: DuckDBConnection) {
  const made = await answerQuestion(engine, {
    kind: 'ask',
    sql: `SELECT 'VIEW', view_name FROM duckdb_views() WHERE temporary AND NOT internal
      UNION ALL SELECT 'TABLE', table_name FROM duckdb_tables() WHERE temporary AND NOT internal`,
    values: [],
  });
  for (const [kind, name] of made) await engine.run(`DROP ${kind} "${name}"`);
}
