import { type Database, type Lease, type Leased, takeLease } from '../database';
import { Refusal } from '../http';

const sentences: Partial<Record<Leased['kind'], string>> = {
  upload: 'You are sending several files already. Wait until one has arrived.',
  reading: 'Several of your files are being read already. Wait until one is done.',
  'bring-in': 'Several of your files are being brought in already. Wait until one is done.',
  'file-read': 'This file is being read several times already. Wait until one is done.',
  file: 'This file is being brought in already. Wait until that is done.',
};

/**
 * Does work in a share that one person has, however many servers there are.
 * @param leased the share, and how many places it has
 * @throws Refusal 429 when all of the share is taken, or 409 when a single thing is in use
 */
export async function withShare<T>(
  database: Database,
  leased: Leased,
  work: (lease: Lease) => Promise<T>,
): Promise<T> {
  const lease = await takeLease(database, leased);
  if (!lease) {
    const sentence = sentences[leased.kind] ?? 'This is in use. Try again in a moment.';
    throw leased.most === undefined
      ? new Refusal(409, { code: 'in-use', sentence })
      : new Refusal(429, { code: 'too-many-at-once', sentence }, { retryAfter: 5 });
  }
  try {
    return await work(lease);
  } finally {
    await lease.release();
  }
}
