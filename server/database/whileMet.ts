import { setTimeout as wait } from 'node:timers/promises';
import { isConflict } from './failures';

/**
 * How often work is begun, the first time among them. Where two nodes of a cluster are written, a busy
 * row is met again with every other try.
 */
const mostTries = 12;

/** Those who have met wait for so long at most before they begin anew: at first, and later; in milliseconds. */
const firstWait = 20;
const longestWait = 160;

/**
 * Does work that is done whole or not at all, and begins it anew while it ends in a deadlock, or in a
 * conflict with what another node of a cluster has written.
 * @param work may be done more than once
 * @throws what the work throws; the conflict, when it comes up each time
 */
export async function whileMet<Result>(work: () => Promise<Result>): Promise<Result> {
  for (let tried = 1; ; tried += 1) {
    try {
      return await work();
    } catch (error) {
      if (tried === mostTries || !isConflict(error)) throw error;
      // Nothing is held meanwhile. By chance, so that they do not meet again.
      await wait(Math.random() * Math.min(longestWait, firstWait * 2 ** tried));
    }
  }
}
