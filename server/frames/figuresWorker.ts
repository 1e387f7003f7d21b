import { parentPort } from 'node:worker_threads';
import { type Problem, ProblemError } from '../../core/values';
import { isDatabaseAway, openDatabase } from '../database';
import { EngineAway, EngineMissing, engines } from '../engine';
import { settings } from '../settings';
import { acts, type Desk, type VersionAnswers, type VersionQuestion } from './acts';
import { ColumnCache } from './columnCache';
import { loadColumns } from './loadColumns';
import type { VersionColumns } from './versionColumns';

/** One question to the worker, and its answer. */
export interface FigureTask {
  id: number;
  version: VersionColumns;
  question: VersionQuestion;
}
export type FigureAnswer = { id: number } & (
  | { result: VersionAnswers[VersionQuestion['kind']] }
  | { problem: Problem }
  | { away: string }
  | { engineAway: string }
  | { error: string }
);

const database = openDatabase(2, 3 * settings.databaseSeconds);
const cache = new ColumnCache(
  (version, places) => loadColumns(database, version, places),
  settings.columnBytes,
);
const desk: Desk = { database, cache };

async function answer({ id, version, question }: FigureTask): Promise<FigureAnswer> {
  const act = acts[question.kind] as (
    desk: Desk,
    version: VersionColumns,
    question: VersionQuestion,
  ) => Promise<VersionAnswers[VersionQuestion['kind']]>;
  try {
    return { id, result: await act(desk, version, question) };
  } catch (error) {
    if (error instanceof ProblemError) return { id, problem: error.problem };
    if (error instanceof EngineMissing) return { id, problem: tooLarge };
    if (error instanceof EngineAway) return { id, engineAway: error.message };
    if (isDatabaseAway(error)) return { id, away: String(error) };
    return { id, error: error instanceof Error ? (error.stack ?? error.message) : String(error) };
  }
}

const tooLarge: Problem = {
  code: 'too-large-here',
  sentence:
    'This source has more rows than can be worked with on this machine, since the engine for large tables cannot be loaded here. Tell whoever runs the server.',
};

// Begun before anybody waits for it.
void engines.whyMissing().then((why) => {
  if (why !== null)
    console.error(
      `stand mark: the engine for large tables cannot be loaded here, so those of more than ${settings.rowsWithoutEngine} rows are slow, and the largest are not drawn: ${why}`,
    );
});

parentPort?.on('message', (task: FigureTask) => {
  void answer(task).then((message) => parentPort?.postMessage(message));
});
