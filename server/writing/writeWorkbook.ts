import { Worker } from 'node:worker_threads';
import { Refusal, Seats } from '../http';
import { settings } from '../settings';

const workerFile = './workbookWorker.js';

/** More rows do not fit into memory as a workbook. */
const mostRows = 200_000;

const threads = new Seats({ atOnce: settings.writingThreads, waiting: 20 });

/**
 * Writes a version of a source as a workbook.
 * @throws Refusal 422 when it has too many rows
 */
export function writeWorkbook(version: {
  id: number;
  rows: number;
  name: string;
}): Promise<Uint8Array> {
  if (version.rows > mostRows)
    throw new Refusal(422, {
      code: 'too-many-rows',
      sentence: `A workbook is written with at most ${mostRows.toLocaleString('en-GB')} rows. Write it as CSV.`,
    });
  return threads.run('all', () => runThread(version));
}

function runThread({ id, name }: { id: number; name: string }): Promise<Uint8Array> {
  const worker = new Worker(new URL(workerFile, import.meta.url), {
    workerData: { versionId: id, name },
    resourceLimits: { maxOldGenerationSizeMb: settings.writingThreadMegabytes },
  });
  return new Promise((resolve, reject) => {
    worker.once('message', resolve);
    worker.once('error', reject);
    worker.once('exit', () => reject(new Error('The workbook was not written.')));
  });
}
