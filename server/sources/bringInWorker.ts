import { parentPort, workerData } from 'node:worker_threads';
import type { BringInStep, FileForm, Understanding } from '../../contract';
import { ProblemError } from '../../core/values';
import { openDatabase } from '../database';
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

export type BringInMessage = BringInStep | { kind: 'understood'; understanding: Understanding };

const task = workerData as BringInTask;
const say = (message: BringInMessage) => parentPort?.postMessage(message);
const database = openDatabase(3);
const open = () => readUpload(database, task.uploadId);

let told = 0;
function tellProgress(rows: number, ofRows: number) {
  if (Date.now() - told < 200 && rows < ofRows) return;
  told = Date.now();
  say({ kind: 'progress', rows, ofRows });
}

try {
  if (task.target) {
    const { fileName, form } = task;
    const sourceId = await storeVersion(
      database,
      task.target,
      { fileName, open, form },
      tellProgress,
    );
    say({ kind: 'done', sourceId });
  } else {
    say({ kind: 'understood', understanding: await understandFile(open, task.form) });
  }
} catch (error) {
  if (!(error instanceof ProblemError)) throw error;
  say({ kind: 'problem', code: error.problem.code, detail: error.problem.sentence });
} finally {
  await database.$client.end();
}
