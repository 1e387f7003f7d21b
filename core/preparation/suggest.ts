import { type Step, stepKinds } from './kinds';
import { prepareRows } from './prepare';
import type { PreparationContext } from './step';

/** What the rows of a file seem to need. */
export interface Suggestion {
  /** what is done unless somebody switches it off */
  steps: Step[];
  /** what only a person can decide */
  offers: Step[];
}

/** More rows than these tell nothing new. */
const mostLookedAt = 1000;

/**
 * Works out the preparation that a file seems to need from its first rows: each kind of step looks at
 * what the steps before it have made of them.
 */
export function suggestSteps(context: PreparationContext): Suggestion {
  const raw = context.firstRows.slice(0, mostLookedAt);
  const steps: Step[] = [];
  const offers: Step[] = [];
  for (const { kind, suggest, offered } of stepKinds) {
    if (!suggest) continue;
    const sheet = kind === 'head' ? { columns: [], rows: raw } : prepareRows(steps, context, raw);
    for (const step of suggest(sheet, context)) {
      const id = `${kind}-${steps.length + offers.length + 1}`;
      (offered ? offers : steps).push({ ...step, id, kind } as Step);
    }
  }
  return { steps, offers };
}
