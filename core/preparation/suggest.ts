import { ProblemError } from '../values';
import { kindOf, type Step, stepKinds } from './kinds';
import { prepareRows } from './prepare';
import { sayStep } from './sentence';
import type { PreparationContext, Sheet } from './step';

/** A step that somebody has to decide on before the rows come in. */
export interface Proposal {
  step: Step;
  /** the id of the kept step that it would stand in place of; null where it would be added */
  replaces: string | null;
  /** what speaks for it */
  why: string;
  /** what is remembered of it once somebody has decided to do without it */
  key: string;
}

/** What the rows of a file seem to need. */
export interface Suggestion {
  /** what is done unless somebody switches it off */
  steps: Step[];
  /** what only a person can decide, and need not */
  offers: Step[];
  /** what is decided before the rows come in */
  proposals: Proposal[];
  /** the sentences that these rows seemed to need: rows that need others are asked about */
  seen: string[];
}

/** A preparation that somebody has decided on, for these rows or for those of a file before. */
export interface Kept {
  steps: readonly Step[];
  /** what the rows that it was decided on seemed to need; left out: nothing else is to be proposed */
  seen?: readonly string[];
}

/** More rows than these tell nothing new of what columns hold. */
const mostLookedAt = 1000;

/** Sentences are remembered up to here. */
export const mostSeen = 100;

/**
 * Works out the preparation that a file seems to need from its first rows: each kind of step looks at
 * what the steps before it have made of them. Of a preparation that is kept all stays; what these rows
 * need otherwise than those before is proposed.
 * @param context of the file: its decimal mark, its title, its first rows
 * @param kept the preparation of the last delivery; null for a source that is new
 */
export function suggestSteps(context: PreparationContext, kept: Kept | null = null): Suggestion {
  const { steps, offers, doubts } = lookForSteps(context);
  const doubtful = doubts.map(({ step, why }) => ({
    step,
    why,
    replaces: null,
    key: sayStep(step),
  }));
  if (!kept) return { steps, offers, proposals: doubtful, seen: steps.map(sayStep) };
  const needed = kept.seen
    ? [
        ...steps.flatMap((step, place) => changeOf(step, sheetBefore(steps, place, context), kept)),
        ...doubtful.filter(({ step }) => !isCovered(step, kept.steps, noSheet)),
      ]
    : [];
  const proposals = [...needed, ...revisionsOf(kept.steps, context)].filter(
    ({ key }) => !kept.seen?.includes(key),
  );
  const asked = new Set(proposals.map(({ key }) => key));
  const known = [...(kept.seen ?? []), ...steps.map(sayStep).filter((key) => !asked.has(key))];
  return {
    steps: [...kept.steps],
    offers,
    proposals: proposals.map((proposal) => withFreshId(proposal, kept.steps)),
    seen: [...new Set(known)].slice(-mostSeen),
  };
}

const noSheet: Sheet = { columns: [], rows: [] };

function lookForSteps(context: PreparationContext) {
  const steps: Step[] = [];
  const offers: Step[] = [];
  const doubts: { step: Step; why: string }[] = [];
  for (const { kind, suggest, weigh, offered, looksAt } of stepKinds) {
    if (!suggest && !weigh) continue;
    const named = (step: object) =>
      ({
        ...step,
        id: `${kind}-${steps.length + offers.length + doubts.length + 1}`,
        kind,
      }) as Step;
    const sheet = sheetBefore(kind === 'head' ? null : steps, steps.length, context, looksAt);
    const { sure, doubtful } = weigh?.(sheet, context) ?? {
      sure: suggest?.(sheet, context) ?? [],
      doubtful: [],
    };
    for (const step of sure) (offered ? offers : steps).push(named(step));
    for (const { step, why } of doubtful) doubts.push({ step: named(step), why });
  }
  return { steps, offers, doubts };
}

/** The rows as a step would meet them; before the head they are as they stand in the file. */
function sheetBefore(
  steps: readonly Step[] | null,
  place: number,
  context: PreparationContext,
  rows = mostLookedAt,
): Sheet {
  const raw = context.firstRows.slice(0, rows);
  return steps ? prepareRows(steps.slice(0, place), context, raw) : { columns: [], rows: raw };
}

/** The rows that a kept step meets; null where the sentences before it do not fit them, which is said. */
function sheetMet(
  kept: readonly Step[],
  place: number,
  context: PreparationContext,
  rows?: number,
) {
  try {
    return sheetBefore(kept, place, context, rows);
  } catch (error) {
    if (error instanceof ProblemError) return null;
    throw error;
  }
}

/** What a step that these rows seem to need would change of those that are kept. */
function changeOf(step: Step, sheet: Sheet, kept: Kept): Proposal[] {
  const key = sayStep(step);
  const same = kept.steps.find(({ kind }) => kind === step.kind);
  if (isCovered(step, kept.steps, sheet)) return [];
  const { merge } = kindOf(step);
  const merged = same && (merge ? (merge(same, step) as Step | null) : { ...step, id: same.id });
  if (!merged) return [{ step, replaces: null, why: 'These rows seem to need it', key }];
  const why = 'These rows seem to need it otherwise than those before';
  return [{ step: merged, replaces: merged.id, why, key }];
}

const isCovered = (step: Step, kept: readonly Step[], sheet: Sheet) =>
  kept
    .filter(({ kind }) => kind === step.kind)
    .some((each) => sayStep(each) === sayStep(step) || kindOf(step).covers?.(each, step, sheet));

/** What a file says or holds otherwise than the kept sentences have it. */
const revisionsOf = (kept: readonly Step[], context: PreparationContext): Proposal[] =>
  kept.flatMap((step, place) => {
    const { revises, looksAt } = kindOf(step);
    if (step.off || !revises) return [];
    const sheet = sheetMet(kept, place, context, looksAt);
    const revised = sheet && revises(step, context, sheet);
    if (!revised) return [];
    const { why } = revised;
    return [{ step: { ...revised.step, id: step.id } as Step, replaces: step.id, why, key: why }];
  });

function withFreshId(proposal: Proposal, kept: readonly Step[]): Proposal {
  if (proposal.replaces !== null) return proposal;
  const { kind } = proposal.step;
  let id = proposal.step.id;
  for (let number = 1; kept.some((step) => step.id === id); number += 1)
    id = `${kind}-new-${number}`;
  return { ...proposal, step: { ...proposal.step, id } };
}

/**
 * The kept steps once a proposal is decided on: in the place of what it stands for, or where its kind
 * comes.
 * @param taken false: somebody does without it, and it stands switched off where it would be added
 */
export function decideProposal(
  steps: readonly Step[],
  { step, replaces }: Proposal,
  taken: boolean,
): Step[] {
  if (replaces !== null)
    return steps.map((each) => (taken && each.id === replaces ? { ...step, off: each.off } : each));
  const order = (of: Step) => stepKinds.findIndex(({ kind }) => kind === of.kind);
  const before = steps.findIndex((each) => order(each) > order(step));
  const place = before < 0 ? steps.length : before;
  return [...steps.slice(0, place), taken ? step : { ...step, off: true }, ...steps.slice(place)];
}
