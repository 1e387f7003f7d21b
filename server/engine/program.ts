import { mkdirSync, readdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import type { DuckDBConnection } from '@duckdb/node-api';
import { settings } from '../settings';
import { answerQuestion } from './acts/ask';
import { packRows } from './acts/pack';
import { readColumns } from './acts/columns';
import { runScript } from './acts/script';
import type { EngineAnswer, EngineResults, EngineTask } from './tasks';

/*
 * The engine for tables that are large, in a process of its own: a fault in it ends nothing else. It
 * ends with the process that it works for.
 */

const acts: {
  [Kind in EngineTask['kind']]: (
    engine: DuckDBConnection,
    task: Extract<EngineTask, { kind: Kind }>,
    onStep: (done: number) => void,
  ) => Promise<EngineResults[Kind]>;
} = { pack: packRows, columns: readColumns, ask: answerQuestion, script: runScript };

/** Opens the engine, which then reaches nothing but its folder, and cannot be told otherwise. */
async function openEngine(): Promise<DuckDBConnection> {
  const { DuckDBInstance } = await import('@duckdb/node-api');
  const { columnsFolder, engineMegabytes, engineThreads, engineDiskMegabytes } = settings;
  const spill = join(columnsFolder, `spill-${process.pid}`);
  mkdirSync(columnsFolder, { recursive: true });
  removeSpilled(columnsFolder);
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

/** What engines that were killed have put on disk goes; those that live keep theirs. */
function removeSpilled(folder: string) {
  for (const name of readdirSync(folder)) {
    const pid = Number(/^spill-(\d+)$/.exec(name)?.[1] ?? NaN);
    if (Number.isNaN(pid) || isRunning(pid)) continue;
    rmSync(join(folder, name), { recursive: true, force: true });
  }
}

function isRunning(pid: number): boolean {
  try {
    return process.kill(pid, 0);
  } catch (error) {
    return (error as NodeJS.ErrnoException).code === 'EPERM';
  }
}

const say = (answer: EngineAnswer) => void process.send?.(answer);

let opening: Promise<DuckDBConnection> | null = null;

async function work(task: EngineTask): Promise<EngineAnswer> {
  let engine: DuckDBConnection;
  try {
    engine = await (opening ??= openEngine());
  } catch (error) {
    return { missing: String(error) };
  }
  try {
    const act = acts[task.kind] as (
      engine: DuckDBConnection,
      task: EngineTask,
      onStep: (done: number) => void,
    ) => Promise<never>;
    return { result: await act(engine, task, (step) => say({ step })) };
  } catch (error) {
    return { failed: String(error) };
  }
}

process.on('disconnect', () => process.exit());
process.on('message', (task: EngineTask) => void work(task).then(say));
