import { type DatePattern, datePatterns, monthNamed, readDate } from '../calendar';

export const periodKinds = ['date', 'week', 'month', 'quarter', 'year'] as const;
export type PeriodKind = (typeof periodKinds)[number];

/** What a text names: a day or period that is known, or one that lacks its year. */
export type PeriodName = {
  kind: PeriodKind;
  pattern: DatePattern | null;
} | null;

const kindOf = (pattern: DatePattern) => {
  if (pattern === 'YYYY') return 'year';
  if (pattern.includes('Q')) return 'quarter';
  if (pattern.includes('W')) return 'week';
  return pattern.includes('DD') ? 'date' : 'month';
};

const bareDigits: readonly DatePattern[] = ['YYYYMMDD', 'YYYYMM', 'serial 1900', 'serial 1904'];

/** Six digits name a month only within the years that people keep figures of. */
const yearAndMonth = /^(19|20)\d\d(0[1-9]|1[0-2])$/;
const readable = datePatterns.filter((pattern) => !bareDigits.includes(pattern));

const withoutYear: [kind: 'month' | 'quarter' | 'week', expression: RegExp][] = [
  ['quarter', /^Q[1-4]$/i],
  ['week', /^(W|week )\d{1,2}$/i],
];

/** Recognises a text, as a column's name, as the name of a period. */
export function periodNamed(text: string): PeriodName {
  const plain = text.trim();
  const pattern = readable.find((each) => readDate(plain, each, { zone: 'UTC' }) !== null);
  if (pattern === 'YYYY' && !/^(19|20)\d\d$/.test(plain)) return null;
  if (pattern) return { kind: kindOf(pattern), pattern };
  if (yearAndMonth.test(plain)) return { kind: 'month', pattern: 'YYYYMM' };
  if (monthNamed(plain) !== null) return { kind: 'month', pattern: null };
  const [kind] = withoutYear.find(([, expression]) => expression.test(plain)) ?? [];
  return kind ? { kind, pattern: null } : null;
}

/** Between the rows of a head that stands in several. */
export const headJoint = ' / ';

/** A column's name that holds a period, and what else it says. */
export interface NamedPeriod {
  period: string;
  kind: PeriodKind;
  /** the rest of the name; empty when all of it is the period */
  rest: string;
}

/**
 * Finds the period in a column's name: all of it (“Jan 2024”, “2024 / Jan”), one row of its head
 * (“Jan / Budget”), or its first or last words (“Jan Budget”).
 */
export function findPeriod(name: string): NamedPeriod | null {
  const whole = withoutLonger(name.split(headJoint)).join(' ');
  const all = periodNamed(whole);
  if (all) return { period: whole, kind: all.kind, rest: '' };
  const parts = name.includes(headJoint) ? withoutLonger(name.split(headJoint)) : null;
  if (parts?.length === 1) return findPeriod(parts[0] as string);
  for (const [period, rest] of parts ? rowsOf(parts) : endsOf(name)) {
    const found = periodNamed(period);
    if (found && rest) return { period, kind: found.kind, rest };
  }
  return null;
}

/** A quarter that stands over its months says nothing that they do not say. */
function withoutLonger(parts: readonly string[]): string[] {
  const kinds = parts.map((part) => periodNamed(part)?.kind);
  const hasMonths = kinds.includes('month');
  return parts.filter((_, at) => !(hasMonths && kinds[at] === 'quarter'));
}

/** Each run of rows of a head as the period, longest first, and the others as the rest. */
function rowsOf(parts: readonly string[]): [period: string, rest: string][] {
  const found: [string, string][] = [];
  for (let length = parts.length - 1; length > 0; length -= 1)
    for (let from = 0; from + length <= parts.length; from += 1) {
      const inside = parts.slice(from, from + length);
      const outside = [...parts.slice(0, from), ...parts.slice(from + length)];
      found.push([inside.join(' '), outside.join(' ')]);
    }
  return found;
}

/** The first or the last words of a name as the period, more before fewer. */
function endsOf(name: string): [period: string, rest: string][] {
  const words = name.split(/[\s_]+/);
  const found: [string, string][] = [];
  for (let length = Math.min(3, words.length - 1); length > 0; length -= 1) {
    found.push([words.slice(0, length).join(' '), words.slice(length).join(' ')]);
    found.push([words.slice(-length).join(' '), words.slice(0, -length).join(' ')]);
  }
  return found;
}

/** The columns that name periods of the one kind that most of them name. */
export function periodsAcross(names: readonly string[]): Map<string, NamedPeriod> {
  const found = names.flatMap((name) => {
    const period = findPeriod(name);
    return period ? [[name, period] as const] : [];
  });
  const count = (kind: PeriodKind) => found.filter(([, each]) => each.kind === kind).length;
  const [most] = found.map(([, { kind }]) => kind).sort((a, b) => count(b) - count(a));
  return new Map(found.filter(([, { kind }]) => kind === most));
}
