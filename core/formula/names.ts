import { functions } from './operations';

/** Words that stand between two parts of a formula. */
const words = ['and', 'or', 'of'];

/** Words that a formula uses itself: as a name, each is written between quotes. */
const own: ReadonlySet<string> = new Set(['if', ...words, ...Object.keys(functions)]);

const plainWord = /^[A-Za-z_]\w*$/;

/** A name between quotes of some form, with straight ones doubled inside; a number; a word. */
const token = /"((?:[^"]|"")*)"|“([^”]*)”|'([^']*)'|\d[\w.]*|[A-Za-z_]\w*(?:\s*\()?/g;

/** A name as a formula has it. */
interface NameInFormula {
  name: string;
  /** where it stands in the text, from 0, and where it ends */
  from: number;
  to: number;
  quoted: boolean;
}

/** A name as a formula writes it: plainly, or between quotes when it is no plain word, or the formula's own. */
export const writtenName = (name: string): string =>
  plainWord.test(name) && !own.has(name.toLowerCase()) ? name : `"${name.replaceAll('"', '""')}"`;

/** The names in a formula, in their order; a word before a parenthesis is a function. */
export function namesIn(formula: string): NameInFormula[] {
  return [...formula.matchAll(token)].flatMap((found): NameInFormula[] => {
    const [text, straight, curly, single] = found;
    const at = { from: found.index, to: found.index + text.length };
    if (straight !== undefined)
      return [{ ...at, name: straight.replaceAll('""', '"'), quoted: true }];
    const other = curly ?? single;
    if (other !== undefined) return [{ ...at, name: other, quoted: true }];
    const isName = plainWord.test(text) && !words.includes(text.toLowerCase());
    return isName ? [{ ...at, name: text, quoted: false }] : [];
  });
}

/** Whether two names are one: capitals tell nothing apart. */
export const isSameName = (one: string, two: string): boolean =>
  one.toLowerCase() === two.toLowerCase();

/**
 * Writes other names in a formula.
 * @param renamed another name for one that stands there; null leaves it
 */
export function renamedBy(formula: string, renamed: (name: string) => string | null): string {
  return namesIn(formula).reduceRight((text, { name, from, to }) => {
    const next = renamed(name);
    return next === null ? text : text.slice(0, from) + writtenName(next) + text.slice(to);
  }, formula);
}

/**
 * Writes another name wherever a formula has one.
 * @param from the name that stands there
 * @param to the name that is written instead
 */
export const renamedIn = (formula: string, from: string, to: string): string =>
  renamedBy(formula, (name) => (isSameName(name, from) ? to : null));

/**
 * Whether a formula names something.
 * @param name as its owner wrote it, without quotes
 */
export const mentionedIn = (formula: string, name: string): boolean =>
  namesIn(formula).some((each) => isSameName(each.name, name));
