import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import type { DuckDBConnection } from '@duckdb/node-api';
import { settings } from '../settings';
import { answerQuestion } from './acts/ask';
import { packRows } from './acts/pack';
import { readColumns } from './acts/columns';
import type { EngineAnswer, EngineResults, EngineTask } from './tasks';

/*
 * The engine for tables that are large, in a process of its own: a fault in it ends nothing else. It
 * ends with the process that it works for.
 */

const acts: {
  [Kind in EngineTask['kind']]: (
    engine: DuckDBConnection,
    task: Extract<EngineTask, { kind: Kind }>,
  ) => Promise<EngineResults[Kind]>;
} = { pack: packRows, columns: readColumns, ask: answerQuestion };

/** Opens the engine, which then reaches nothing but its folder, and cannot be told otherwise. */
async function openEngine(): Promise<DuckDBConnection> {
  const { DuckDBInstance } = await import('@duckdb/node-api');
  const { columnsFolder, engineMegabytes, engineThreads, engineDiskMegabytes } = settings;
  const spill = join(columnsFolder, `spill-${process.pid}`);
  mkdirSync(columnsFolder, { recursive: true });
  const instance = await DuckDBInstance.create(':memory:', {
    threads: String(engineThreads),
    memory_limit: `${engineMegabytes}MB`,
    temp_directory: spill,
    max_temp_directory_size: `${engineDiskMegabytes}MB`,
    autoinstall_known_extensions: 'false',
    autoload_known_extensions: 'false',
    allow_community_extensions: 'false',
  });
  const engine = await instance.connect();
  const folder = columnsFolder.replaceAll("'", "''");
  await engine.run(`SET allowed_directories = ['${folder}/']`);
  await engine.run('SET enable_external_access = false');
  await engine.run('SET lock_configuration = true');
  return engine;
}

let opening: Promise<DuckDBConnection> | null = null;

async function work(task: EngineTask): Promise<EngineAnswer> {
  let engine: DuckDBConnection;
  try {
    engine = await (opening ??= openEngine());
  } catch (error) {
    return { missing: String(error) };
  }
  try {
    const act = acts[task.kind] as (engine: DuckDBConnection, task: EngineTask) => Promise<never>;
    return { result: await act(engine, task) };
  } catch (error) {
    return { failed: String(error) };
  }
}

process.on('disconnect', () => process.exit());
process.on('message', (task: EngineTask) => {
  void work(task).then((answer) => process.send?.(answer));
});
