import { setTimeout as wait } from 'node:timers/promises';
import { Secret, TOTP } from 'otpauth';

const step = 30_000;

/**
 * The code that a program shows for a secret.
 * @param steps how many half minutes from now
 */
export const codeOf = (secret: string, steps = 0): string =>
  new TOTP({ secret: Secret.fromBase32(secret) }).generate({
    timestamp: Date.now() + steps * step,
  });

/** Waits until a step has not gone on for long, so that none ends while codes of it are used. */
export async function earlyInStep(): Promise<void> {
  const gone = Date.now() % step;
  if (gone > (2 * step) / 3) await wait(step - gone);
}
