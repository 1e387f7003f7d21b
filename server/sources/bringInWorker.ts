import { parentPort, workerData } from 'node:worker_threads';
import type { BringInStep, FileForm, Understanding } from '../../contract';
import { ProblemError } from '../../core/values';
import { isDatabaseAway, openDatabase } from '../database';
import { settings } from '../settings';
import { storeVersion, type Target } from './storeVersion';
import { understandFile } from './understand';
import { readUpload } from './uploads';

/** What the worker is to do with an upload: say how it reads, or store it. */
export interface BringInTask {
  uploadId: string;
  fileName: string;
  form: FileForm;
  /** null: only say how the file reads */
  target: Target | null;
}

export type BringInMessage =
  | BringInStep
  | { kind: 'understood'; understanding: Understanding }
  | { kind: 'begun'; versionId: number };

const task = workerData as BringInTask;
const say = (message: BringInMessage) => parentPort?.postMessage(message);
const database = openDatabase(3, 6 * settings.databaseSeconds);
const open = () => readUpload(database, task.uploadId);

const databaseAway = {
  code: 'database-away',
  sentence: 'The database does not answer just now. Bring the file in again in a moment.',
};

let told = 0;
function tellProgress(rows: number, ofRows: number) {
  if (Date.now() - told < 200 && rows < ofRows) return;
  told = Date.now();
  say({ kind: 'progress', rows, ofRows });
}

try {
  if (task.target) {
    const { fileName, form, target } = task;
    const file = { fileName, open, form };
    const sourceId = await storeVersion(database, target, file, {
      onBegun: (versionId) => say({ kind: 'begun', versionId }),
      onProgress: tellProgress,
    });
    say({ kind: 'done', sourceId });
  } else {
    say({ kind: 'understood', understanding: await understandFile(open, task.form) });
  }
} catch (error) {
  const away = isDatabaseAway(error);
  if (!(error instanceof ProblemError) && !away) throw error;
  const problem = away ? databaseAway : (error as ProblemError).problem;
  say({ kind: 'problem', code: problem.code, detail: problem.sentence });
} finally {
  await database.$client.end();
}
