import { parentPort, workerData } from 'node:worker_threads';
import type { Understanding } from '../../contract';
import { ProblemError } from '../../core/values';
import { isDatabaseAway, openDatabase } from '../database';
import type { DeliveredFile } from '../forms';
import { settings } from '../settings';
import { openStandingRows } from '../sources';
import { readUpload } from '../uploads';
import { compareTables } from './compare';
import { deliverFile, refuseOpen, tableOf } from './deliver';
import { readLookups } from './lookups';
import { Progress } from './progress';
import { remember, remembered } from './remembered';
import type { DeliveryMessage, DeliveryTask } from './task';
import { understandFile } from './understand';

/** Understands, compares or brings in one upload, off the main thread, and tells each step. */

const task = workerData as DeliveryTask;
const { upload, form } = task;
const say = (message: DeliveryMessage) => parentPort?.postMessage(message);
const database = openDatabase(4, 6 * settings.databaseSeconds);
const progress = new Progress(upload.bytes, say);
const file: DeliveredFile = {
  name: upload.fileName,
  open: () => progress.counting(readUpload(database, upload.id)),
};

async function understood(): Promise<Understanding> {
  const before = await remembered(database, upload.id, form);
  if (before) return before;
  progress.begin('reading');
  const lookups = await readLookups(database, form.steps);
  const understanding = await understandFile(file, form, lookups, (rows) => progress.rows(rows));
  await remember(database, upload.id, understanding);
  return understanding;
}

const work = {
  understand: async () => say({ kind: 'understood', understanding: await understood() }),

  compare: async () => {
    if (task.kind !== 'compare') return;
    const understanding = await understood();
    refuseOpen(understanding);
    const standing = await openStandingRows(database, task.sourceId);
    if (!standing)
      throw new ProblemError({
        code: 'not-found',
        sentence: 'The source is gone. Bring the file in as a new one.',
      });
    progress.begin('comparing');
    const table = tableOf(file, understanding, await readLookups(database, understanding.steps));
    const changes = await compareTables(standing.rows, table, task.mode, task.keys);
    say({ kind: 'compared', changes: { ...changes, charts: [] } });
  },

  'bring-in': async () => {
    if (task.kind !== 'bring-in') return;
    const understanding = await understood();
    const lookups = await readLookups(database, understanding.steps);
    const delivery = { file, uploadId: upload.id, form, lookups, understood: understanding };
    progress.begin('storing');
    const sourceId = await deliverFile(database, task.target, delivery, {
      onBegun: (versionId) => say({ kind: 'begun', versionId }),
      onProgress: (rows, ofRows) => progress.stored(rows, ofRows),
    });
    say({ kind: 'done', sourceId });
  },
};

const databaseAway = {
  code: 'database-away',
  sentence: 'The database does not answer just now. Bring the file in again in a moment.',
};

try {
  await work[task.kind]();
} catch (error) {
  const away = isDatabaseAway(error);
  if (!(error instanceof ProblemError) && !away) throw error;
  const problem = away ? databaseAway : (error as ProblemError).problem;
  say({ kind: 'problem', code: problem.code, detail: problem.sentence });
} finally {
  await database.$client.end();
}
