import { kindOf, type Step } from './kinds';
import type { Phrase } from './step';

/** The sentence of a step, in its phrases. */
export const phrasesOf = (step: Step): Phrase[] => kindOf(step).say(step);

/** The sentence of a step, as text. */
export const sayStep = (step: Step): string =>
  phrasesOf(step)
    .map((phrase) => (typeof phrase === 'string' ? phrase : phrase.text))
    .join('');
