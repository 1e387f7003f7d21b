import type { DeliveryMessage } from './task';
import type { DeliveryEnd } from './underway';

/** How a delivery ended; null for a step on its way. */
export function endOf(message: DeliveryMessage): DeliveryEnd | null {
  if (message.kind === 'done') return { state: 'done', sourceId: message.sourceId };
  if (message.kind === 'problem') return { state: 'failed', sentence: message.detail };
  return null;
}

export const databaseAway = {
  code: 'database-away',
  detail: 'The database does not answer just now. Bring the file in again in a moment.',
};

export const brokeOff = {
  code: 'internal',
  detail: 'The server could not read the file to its end. Try again.',
};
