import { setTimeout as wait } from 'node:timers/promises';
import { settings } from '../settings';

/**
 * Does work whose time must tell nothing of what it found: it ends after one stretch of time, or two,
 * or more, whatever it came to.
 */
export async function alike<Result>(work: () => Promise<Result>): Promise<Result> {
  const begun = performance.now();
  try {
    return await work();
  } finally {
    const stretch = settings.alikeMilliseconds;
    const taken = performance.now() - begun;
    await wait(Math.ceil(taken / stretch) * stretch - taken);
  }
}
