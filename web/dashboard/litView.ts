import { formatDay, parseDay } from '../../core/calendar';
import type { At } from '../picture';

/** What a reader has highlighted. */
export interface Lit {
  /** the names of the lines; null: as the author has it */
  names: readonly string[] | null;
  /** where along the axis; null: nowhere */
  at: At | null;
}

export const nothingLit: Lit = { names: null, at: null };

/** What is highlighted in all charts that are linked stands under this name. */
export const inAll = 'all';

const light = 'light.';
const lit = 'lit.';
const word = 'at:';

export const litPrefixes = [light, lit];

/** What is highlighted, as it stands in an address: one entry a line, and one for the place. */
export const writtenLit = (all: Readonly<Record<string, Lit>>): [string, string][] =>
  Object.entries(all).flatMap(([where, { names, at }]): [string, string][] => [
    // That nothing is highlighted is told from nothing being said of it.
    ...(names?.length === 0 ? [''] : (names ?? [])).map((name): [string, string] => [
      light + where,
      name,
    ]),
    ...(at === null ? [] : [[lit + where, writtenAt(at)] as [string, string]]),
  ]);

/** Reads what `writtenLit` wrote; what cannot be understood is left out. */
export function readLit(params: URLSearchParams): Record<string, Lit> {
  const found: Record<string, Lit> = {};
  for (const [key, value] of params) {
    const prefix = litPrefixes.find((each) => key.startsWith(each));
    const where = prefix && key.slice(prefix.length);
    if (!where || !(where === inAll || /^\d+$/.test(where))) continue;
    const before = found[where] ?? nothingLit;
    const next =
      prefix === light
        ? { ...before, names: value === '' ? [] : [...(before.names ?? []), value] }
        : { ...before, at: atOf(value) };
    if (next.names !== null || next.at !== null) found[where] = next;
  }
  return found;
}

const writtenAt = (at: At) => (typeof at === 'number' ? formatDay(at) : word + at);

const atOf = (text: string): At | null =>
  text.startsWith(word) ? text.slice(word.length) : parseDay(text);
