import isEqual from 'fast-deep-equal';
import type { ChartDefinition } from '../chart';
import type { Names } from '../sentences';
import { headLine } from './seriesLine';
import { linesOf, namesWith, type TextLine } from './printChart';
import { titleLine } from './newName';

/** A line of a chart that is not as it was: null where it was not there, or is not there any more. */
export interface ChangedLine {
  before: string | null;
  after: string | null;
}

const known = new WeakMap<ChartDefinition, { around: Names; lines: ReadonlyMap<string, string> }>();

/** All lines of a chart's text, also those without a heading; each definition is written once. */
function allLines(chart: ChartDefinition, around: Names): ReadonlyMap<string, string> {
  const found = known.get(chart);
  if (found?.around === around) return found.lines;
  const lines = writtenLines(chart, around);
  known.set(chart, { around, lines });
  return lines;
}

function writtenLines(chart: ChartDefinition, around: Names): ReadonlyMap<string, string> {
  const names = namesWith(chart, around);
  const lines: TextLine[] = [
    { key: 'title', text: `the title is ${titleLine.print(chart.title, names)}` },
    { key: 'periods', text: headLine.print(chart, names) },
    ...Object.values(linesOf(chart, around)).flat(),
  ];
  return new Map(lines.map(({ key, text }) => [key, text]));
}

/**
 * The lines in which a chart differs from another, in their order: those that are gone, then all others.
 * @param around the names of sources, measures and charts that they may name
 */
export function changedLines(
  before: ChartDefinition,
  after: ChartDefinition,
  around: Names,
): ChangedLine[] {
  const [old, now] = [allLines(before, around), allLines(after, around)];
  const gone = [...old].filter(([key]) => !now.has(key));
  const changed = [...now].filter(([key, text]) => old.get(key) !== text);
  return [
    ...gone.map(([, text]) => ({ before: text, after: null })),
    ...changed.map(([key, text]) => ({ before: old.get(key) ?? null, after: text })),
  ];
}

/**
 * What has changed from one definition to the next, in the sentences of what is other than it was.
 * @param around the names of dials, columns and sources around the chart
 */
export function sayChange(before: ChartDefinition, after: ChartDefinition, around: Names): string {
  if (isEqual(before, after)) return 'nothing changed';
  if (isEqual(inOneOrder(before), inOneOrder(after))) return 'order changed';
  const [first = 'nothing changed', ...more] = changedLines(before, after, around).map(said);
  return more.length === 0 ? first : `${first}, and ${more.length} more`;
}

const lists = ['series', 'yardsticks', 'dials', 'colourRules', 'standouts'] as const;

/** The same chart, its parts in the order of their ids. */
const inOneOrder = (chart: ChartDefinition) => ({
  ...chart,
  ...Object.fromEntries(
    lists.map((list) => [list, [...chart[list]].sort((one, two) => (one.id < two.id ? -1 : 1))]),
  ),
});

/** So few words are said anew as a whole. */
const fewWords = 6;

/** One changed line, in the words that are other than they were. */
function said({ before, after }: ChangedLine): string {
  if (after === null) return `without ${before}`;
  if (before === null) return `added: ${after}`;
  // Commas stand apart: what is said more begins with one.
  const piecesOf = (line: string) => line.replaceAll(',', ' ,').split(' ');
  const [old, now] = [piecesOf(before), piecesOf(after)];
  const alike = (one: readonly string[], two: readonly string[]) => {
    const end = one.findIndex((word, at) => word !== two[at]);
    return end < 0 ? one.length : end;
  };
  const first = alike(old, now);
  const room = Math.min(old.length, now.length) - first;
  const last = Math.min(room, alike([...old].reverse(), [...now].reverse()));
  const [gone, come] = [old.slice(first, old.length - last), now.slice(first, now.length - last)];
  const [subject = ''] = before.split(/ is |, /);
  const isOther = first === 0 || !after.startsWith(subject) || now.length <= fewWords;
  if (isOther && gone.length > 0) return `now: ${after}`;
  const words = (all: readonly string[]) =>
    all
      .join(' ')
      .replaceAll(' ,', ',')
      .replace(/^, |,$/g, '');
  if (gone.length === 0) return `${subject}: now also ${words(come)}`;
  if (come.length === 0) return `${subject}: no longer ${words(gone)}`;
  const leading = old.slice(first - 1, first);
  return `${subject}: ${words([...leading, ...gone])} is now ${words([...leading, ...come])}`;
}
