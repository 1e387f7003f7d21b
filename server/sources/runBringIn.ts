import { Worker } from 'node:worker_threads';
import type { BringInMessage, BringInTask } from './bringInWorker';

/** Built beside the server's entry. */
const workerFile = './bringInWorker.js';

/**
 * Reads or stores an upload off the main thread.
 * @param stop ends the work; whatever was begun is undone
 * @param tell receives every step
 */
export function runBringIn(
  task: BringInTask,
  stop: AbortSignal,
  tell: (message: BringInMessage) => void,
): Promise<void> {
  const worker = new Worker(new URL(workerFile, import.meta.url), { workerData: task });
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
