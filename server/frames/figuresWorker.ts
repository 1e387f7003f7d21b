import { parentPort } from 'node:worker_threads';
import { aggregate, type Frame, type FrameRequest } from '../../core/frame';
import { type Problem, ProblemError } from '../../core/values';
import { isDatabaseAway, openDatabase } from '../database';
import { settings } from '../settings';
import { ColumnCache, type VersionColumns } from './columnCache';

/** One request to the worker, and its answer. */
export interface FigureTask {
  id: number;
  version: VersionColumns;
  request: FrameRequest;
}
export type FigureAnswer =
  | { id: number; frame: Frame }
  | { id: number; problem: Problem }
  | { id: number; away: string }
  | { id: number; error: string };

const cache = new ColumnCache(openDatabase(2, 3 * settings.databaseSeconds), settings.columnBytes);

async function answer({ id, version, request }: FigureTask): Promise<FigureAnswer> {
  try {
    const names = [request.date, request.column, request.splitBy].filter((name) => name !== null);
    return { id, frame: aggregate(await cache.table(version, names), request) };
  } catch (error) {
    if (error instanceof ProblemError) return { id, problem: error.problem };
    if (isDatabaseAway(error)) return { id, away: String(error) };
    return { id, error: error instanceof Error ? (error.stack ?? error.message) : String(error) };
  }
}

parentPort?.on('message', (task: FigureTask) => {
  void answer(task).then((message) => parentPort?.postMessage(message));
});
