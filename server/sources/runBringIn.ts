import { Worker } from 'node:worker_threads';
import { Seats } from '../http';
import { settings } from '../settings';
import type { BringInMessage, BringInTask } from './bringInWorker';

/** Built beside the server's entry. */
const workerFile = './bringInWorker.js';

/** Threads of this process; people's shares bound how many can wait. */
const threads = new Seats({ atOnce: settings.fileThreads, waiting: 1000 });

/**
 * Reads or stores an upload off the main thread, when a thread is free.
 * @param stop ends the work; whatever was begun is left for the caller to clear away
 * @param tell receives every step
 */
export function runBringIn(
  task: BringInTask,
  stop: AbortSignal,
  tell: (message: BringInMessage) => void,
): Promise<void> {
  return threads.run('all', () => (stop.aborted ? Promise.resolve() : runThread(task, stop, tell)));
}

function runThread(
  task: BringInTask,
  stop: AbortSignal,
  tell: (message: BringInMessage) => void,
): Promise<void> {
  const worker = new Worker(new URL(workerFile, import.meta.url), {
    workerData: task,
    resourceLimits: { maxOldGenerationSizeMb: settings.fileThreadMegabytes },
  });
  const end = () => void worker.terminate();
  stop.addEventListener('abort', end, { once: true });
  return new Promise((resolve, reject) => {
    worker.on('message', tell);
    worker.on('error', reject);
    worker.on('exit', () => {
      stop.removeEventListener('abort', end);
      resolve();
    });
  });
}
