import { cellText, type DecimalMark } from '../../table';
import { periodNamed } from '../periodNames';
import type { Sheet } from '../step';
import { findBlocks } from './blocks';
import { type LookedAt, lookAt } from './lookedAt';
import { findSums, type Found, type Line, type Says } from './sums';
import { namesMean, namesTotal } from './words';

/** Rows that seem to be of others, and where they say so. */
export interface TotalRows {
  column: string;
  words: string[];
}

export interface FoundTotals {
  /** sums of three others or more */
  sure: TotalRows[];
  /** what only a person can tell, and what speaks for it */
  doubtful: (TotalRows & { why: string })[];
}

/** A total stands for at least so many rows; of fewer it may be one by chance. */
export const fewestParts = 3;

/** So many rows are compared with one another. */
export const mostCompared = 10_000;

/**
 * Finds the rows that add others up, by their figures; their words alone make nobody sure.
 * @param whole whether these are all the rows that there are
 */
export function findTotalRows(sheet: Sheet, mark: DecimalMark, whole = true): FoundTotals {
  const table = lookAt(sheet, mark);
  const { lines, labels } = table;
  if (labels.length === 0 || table.figures.length === 0) return { sure: [], doubtful: [] };
  const ends = [0, lines.length - 1];
  const isNamed = remembering((text) => namesTotal(text) || namesMean(text));
  const says = lines.map((_, row) => saysOf(table, row, ends.includes(row), isNamed));
  const found = bothWays(lines, (row) => says[row] as Says);
  for (const row of findBlocks(table, says)) found.set(row, blockOf);
  const summed = (parts: (count: number) => boolean) =>
    [...found].filter(([, { kind, parts: count }]) => kind === 'sum' && parts(count));
  const many = rowsOf(summed((count) => count >= fewestParts));
  const sure = told(table, many);
  const left = new Set([...many].filter((row) => !sure?.rows.has(row)));
  const doubt = (rows: ReadonlySet<number>, why: string) =>
    (told(table, rows)?.said ?? []).map((said) => ({ ...said, why }));
  const isSure = (row: number) => sure?.rows.has(row) ?? false;
  const named = says.flatMap((said, row) => (said === 'named' && !found.has(row) ? [row] : []));
  const doubtful = [
    ...doubt(left, 'Its figures are the sum of others'),
    ...doubt(rowsOf(summed((count) => count < fewestParts)), 'It is the sum of two rows'),
    ...doubt(
      rowsOf([...found].filter(([, { kind }]) => kind === 'mean')),
      'It is the mean of others',
    ),
    // Where nearly every row says so it is the name of a measure.
    ...(named.length <= lines.length / 2
      ? doubt(
          new Set(named.filter((row) => !isSure(row))),
          'It says so, and its figures are no sum of others',
        )
      : []),
  ];
  if (whole) return { sure: sure?.said ?? [], doubtful };
  const tooMany = 'There are more rows than can be compared with one another';
  return {
    sure: [],
    doubtful: [...(sure?.said ?? []).map((said) => ({ ...said, why: tooMany })), ...doubtful],
  };
}

const blockOf: Found = { kind: 'sum', parts: fewestParts, digits: 0 };

const rowsOf = (found: readonly [number, Found][]) => new Set(found.map(([row]) => row));

/** Totals stand below what they add up, or above it. */
function bothWays(lines: readonly Line[], says: (row: number) => Says): Map<number, Found> {
  const below = findSums(lines, says);
  const last = lines.length - 1;
  const above = findSums([...lines].reverse(), (at) =>
    below.has(last - at) ? 'no' : says(last - at),
  );
  for (const [at, found] of above) if (!below.has(last - at)) below.set(last - at, found);
  return below;
}

/** Words repeat, and each is looked at once. */
function remembering(test: (text: string) => boolean): (text: string) => boolean {
  const known = new Map<string, boolean>();
  return (text) => {
    const before = known.get(text);
    if (before !== undefined) return before;
    const found = test(text);
    known.set(text, found);
    return found;
  };
}

/** What a row says of itself; of what says nothing only the first and the last one may be of others. */
function saysOf(
  { rows, labels }: LookedAt,
  row: number,
  atEnd: boolean,
  isNamed: (text: string) => boolean,
): Says {
  const texts = labels.map((place) => cellText(rows[row]?.[place] ?? '').trim());
  if (texts.some(isNamed)) return 'named';
  if (!atEnd) return 'no';
  // A row of a day or period is a row like the others.
  return texts.some((text) => periodNamed(text) !== null) ? 'no' : 'silent';
}

/** The words that only some rows say, in the first column that has such; null when none has. */
function told({ rows, columns, labels }: LookedAt, wanted: ReadonlySet<number>) {
  if (wanted.size === 0) return null;
  const textOf = (row: number, place: number) => cellText(rows[row]?.[place] ?? '').trim();
  const wordsAt = (place: number, only: (text: string) => boolean) => {
    const own = new Set([...wanted].map((row) => textOf(row, place)).filter(only));
    rows.forEach((_, row) => !wanted.has(row) && own.delete(textOf(row, place)));
    return own;
  };
  const says = (text: string) => namesTotal(text) || namesMean(text);
  // What names a total goes before what happens to stand there alone.
  for (const only of [says, () => true]) {
    for (const place of labels) {
      const words = wordsAt(place, only);
      if (words.size === 0) continue;
      const covered = [...wanted].filter((row) => words.has(textOf(row, place)));
      if (only !== says && covered.length < wanted.size) continue;
      const said = [{ column: columns[place] as string, words: [...words].slice(0, 60) }];
      return { said, rows: new Set(covered) };
    }
  }
  return null;
}
