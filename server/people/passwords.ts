import { hash, verify } from '@node-rs/argon2';
import { Seats } from '../http';
import { settings } from '../settings';

/** By default OWASP's advice of 2023 for argon2id, the package's default algorithm. */
const cost = {
  memoryCost: settings.passwordKilobytes,
  timeCost: settings.passwordPasses,
  parallelism: 1,
};

/** Each check takes memory and a core for a while, whoever asks. */
const seats = new Seats({
  atOnce: settings.passwordsAtOnce,
  waiting: settings.passwordsWaiting,
});

/** Verifying against this takes as long as against a real one, so that time tells nothing. */
const nobodysHash = hash('nobody has this password', cost);

/** @throws Refusal 429 when too many wait already */
export function hashPassword(password: string): Promise<string> {
  return seats.run('all', () => hash(password, cost));
}

/**
 * Whether a password is the one behind a hash.
 * @param known null when there is no such account, which takes as long
 * @throws Refusal 429 when too many wait already
 */
export function isPassword(known: string | null, password: string): Promise<boolean> {
  return seats.run('all', async () => verify(known ?? (await nobodysHash), password));
}

/** Whether a hash was worked out at less cost than is set now. */
export function isCheap(known: string): boolean {
  const [, memory, passes] = /\$m=(\d+),t=(\d+),/.exec(known) ?? [];
  return Number(memory) < cost.memoryCost || Number(passes) < cost.timeCost;
}
