import { parentPort } from 'node:worker_threads';
import { aggregate, columnsAsked, type Frame, type FrameRequest } from '../../core/frame';
import { type Problem, ProblemError } from '../../core/values';
import { isDatabaseAway, openDatabase } from '../database';
import { settings } from '../settings';
import { ColumnCache } from './columnCache';
import type { VersionColumns } from './versionColumns';
import { aggregateInDatabase } from './databaseFrame';

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

const database = openDatabase(2, 3 * settings.databaseSeconds);
const cache = new ColumnCache(database, settings.columnBytes);

/** What a cell of a column in memory takes at most. */
const bytesOfCell = 8;

/** Columns that would not fit in memory stay in the database, which aggregates them. */
async function frameOf(version: VersionColumns, request: FrameRequest): Promise<Frame> {
  const names = columnsAsked(request);
  const asked = version.columns.filter(({ name }) => names.includes(name));
  // Words that an early version kept in its rows are told apart in memory only.
  const coded = asked.every(({ kind, coded: hasCodes }) => kind !== 'text' || hasCodes);
  return coded && version.rows * names.length * bytesOfCell > settings.columnBytes
    ? aggregateInDatabase(database, version, request)
    : aggregate(await cache.table(version, names), request);
}

async function answer({ id, version, request }: FigureTask): Promise<FigureAnswer> {
  try {
    return { id, frame: await frameOf(version, request) };
  } catch (error) {
    if (error instanceof ProblemError) return { id, problem: error.problem };
    if (isDatabaseAway(error)) return { id, away: String(error) };
    return { id, error: error instanceof Error ? (error.stack ?? error.message) : String(error) };
  }
}

parentPort?.on('message', (task: FigureTask) => {
  void answer(task).then((message) => parentPort?.postMessage(message));
});
