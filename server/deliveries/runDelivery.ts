import { Worker } from 'node:worker_threads';
import { Seats } from '../http';
import { settings } from '../settings';
import type { DeliveryMessage, DeliveryTask } from './task';

/** Built beside the server's entry. */
const workerFile = './deliveryWorker.js';

/** Threads of this process; people's shares bound how many can wait. */
const threads = new Seats({ atOnce: settings.fileThreads, waiting: 1000 });

/**
 * Works on an upload off the main thread, when a thread is free.
 * @param stop ends the work; whatever was begun is left for the caller to clear away
 * @param tell receives every step
 */
export function runDelivery(
  task: DeliveryTask,
  stop: AbortSignal,
  tell: (message: DeliveryMessage) => void,
): Promise<void> {
  return threads.run('all', () => (stop.aborted ? Promise.resolve() : runThread(task, stop, tell)));
}

const tooMuchMemory: DeliveryMessage = {
  kind: 'problem',
  code: 'too-much-memory',
  detail:
    'The file takes more memory than there is for one. Save the table as CSV, or bring it in as several files.',
};

const tooLong: DeliveryMessage = {
  kind: 'problem',
  code: 'too-long',
  detail: `The file takes longer than ${settings.deliverySeconds} seconds. Bring it in as several files.`,
};

function runThread(
  task: DeliveryTask,
  stop: AbortSignal,
  tell: (message: DeliveryMessage) => void,
): Promise<void> {
  const worker = new Worker(new URL(workerFile, import.meta.url), {
    workerData: task,
    resourceLimits: {
      maxOldGenerationSizeMb: settings.fileThreadMegabytes,
      // Rows live for a moment only; with room for many of them hardly any has to be moved.
      maxYoungGenerationSizeMb: 192,
    },
  });
  const end = () => void worker.terminate();
  stop.addEventListener('abort', end, { once: true });
  const late = setTimeout(() => {
    tell(tooLong);
    end();
  }, settings.deliverySeconds * 1000);
  return new Promise((resolve, reject) => {
    worker.on('message', tell);
    worker.on('error', (error: NodeJS.ErrnoException) =>
      error.code === 'ERR_WORKER_OUT_OF_MEMORY' ? tell(tooMuchMemory) : reject(error),
    );
    worker.on('exit', () => {
      clearTimeout(late);
      stop.removeEventListener('abort', end);
      resolve();
    });
  });
}
