// @ts-check
/*
 * Loaded into a server before its own code: asked by SIGUSR2 it collects what is not held any more, in all
 * of its threads, and says what it holds.
 */
import { setFlagsFromString } from 'node:v8';
import { runInNewContext } from 'node:vm';
import { isMainThread } from 'node:worker_threads';

setFlagsFromString('--expose-gc');
const collect = /** @type {() => void} */ (runInNewContext('gc'));

const heap = () => {
  collect();
  return process.memoryUsage().heapUsed;
};

// A thread is not told its own name yet, nor does a program that a server begins hear the signal.
if (!isMainThread || process.argv[1]?.endsWith('serve.js')) {
  const threads = new BroadcastChannel('probe');
  if (isMainThread) {
    /** @type {number[]} */
    let heaps = [];
    threads.onmessage = ({ data }) => typeof data === 'number' && heaps.push(data);
    process.on('SIGUSR2', () => {
      heaps = [heap()];
      threads.postMessage('collect');
      setTimeout(() => {
        const said = { heap: heaps.reduce((sum, each) => sum + each, 0), threads: heaps.length };
        console.log(`probe ${JSON.stringify({ ...said, held: process.getActiveResourcesInfo() })}`);
      }, 1000);
    });
  } else threads.onmessage = ({ data }) => data === 'collect' && threads.postMessage(heap());
  // @ts-expect-error Node's own channels can be left.
  threads.unref();
}
