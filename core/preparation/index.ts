export { mostCompared, namesTotal } from './totals';
export { kindOf, type Step, stepKinds } from './kinds';
export { type Misfit, prepare, type Prepared, prepareRows } from './prepare';
export { stepsShape } from './schema';
export { phrasesOf, sayStep } from './sentence';
export { countRows } from './step';
export type { Choice, Lookup, Phrase, PreparationContext, Row, Sheet } from './step';
export { decideProposal, mostSeen, type Proposal, suggestSteps, type Suggestion } from './suggest';
