import { parseDay } from '../../core/calendar';
import { Refusal } from '../http';

/**
 * Looks at the days of a note: the calendar has them, the last is not before the first, and there is
 * none where it speaks of the whole chart.
 * @param note its first and last day as 2026-11-23
 * @throws Refusal 422
 */
export function realDays({ day, until }: { day: string | null; until: string | null }) {
  for (const [field, written] of Object.entries({ day, until })) {
    if (written === null || parseDay(written) !== null) continue;
    const sentence = `There is no day ${written}. Choose another date.`;
    throw new Refusal(422, { code: 'no-such-day', sentence, place: { field } });
  }
  if (until === null || (day !== null && until >= day)) return;
  if (day === null) {
    const sentence = 'A note on the whole chart has no last day. Choose its first day too.';
    throw new Refusal(422, { code: 'no-first-day', sentence, place: { field: 'until' } });
  }
  const sentence = `The note ends on ${until}, before it begins on ${day}. Choose a later end.`;
  throw new Refusal(422, { code: 'ends-before', sentence, place: { field: 'until' } });
}
