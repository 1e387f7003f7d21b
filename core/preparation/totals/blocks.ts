import { cellText } from '../../table';
import { periodNamed } from '../periodNames';
import type { LookedAt } from './lookedAt';
import { digitsOf, enoughDigits, type Line, type Says } from './sums';

/** Of more different words in a column none is looked at for being the sum of the others. */
const mostWords = 60;

/** A word that does not say so is the sum of the others only where it is so often enough. */
const fewestGroups = 3;

/**
 * Finds the rows of a word that adds up, for each day or place that other columns name, what all other
 * words of its column have there: “All” beside “North”, “South” and “West”, wherever they stand.
 * @param says what each row says of itself
 */
export function findBlocks(table: LookedAt, says: readonly Says[]): number[] {
  return table.labels.flatMap((place) => {
    const texts = table.rows.map((cells) => cellText(cells[place] ?? '').trim());
    const words = new Set(texts);
    if (words.size < 4 || words.size > mostWords) return [];
    if ([...words].some((word) => periodNamed(word) !== null)) return [];
    const groups = groupsBeside(table, place);
    return [...words].flatMap((word) => {
      const rows = texts.flatMap((text, row) => (text === word ? [row] : []));
      const named = rows.every((row) => says[row] === 'named');
      return isSumOfOthers(table, groups, new Set(rows), named) ? rows : [];
    });
  });
}

/** Rows that are alike but for one column and their figures. */
function groupsBeside({ rows, labels }: LookedAt, place: number): number[][] {
  const groups = new Map<string, number[]>();
  rows.forEach((cells, row) => {
    const beside = labels
      .filter((each) => each !== place)
      .map((each) => cellText(cells[each] ?? ''));
    const key = JSON.stringify(beside);
    const group = groups.get(key);
    if (group) group.push(row);
    else groups.set(key, [row]);
  });
  return [...groups.values()];
}

function isSumOfOthers(
  { lines }: LookedAt,
  groups: readonly number[][],
  own: ReadonlySet<number>,
  named: boolean,
): boolean {
  const met = groups.filter((rows) => rows.some((row) => own.has(row)));
  if (met.length < (named ? 2 : fewestGroups)) return false;
  // A few small figures may be sums by chance, on every day that there is.
  const digits = [...own]
    .flatMap((row) => lines[row] ?? [])
    .reduce<number>((sum, figure) => sum + digitsOf(figure ?? 0), 0);
  if (!named && digits < 2 * enoughDigits) return false;
  const right = met.filter((rows) => {
    const others = rows.filter((row) => !own.has(row)).map((row) => lines[row] as Line);
    const total = rows.filter((row) => own.has(row)).map((row) => lines[row] as Line);
    return total.length === 1 && others.length >= 3 && addsUp(total[0] as Line, others, named);
  });
  return right.length >= (named ? 0.9 : 1) * met.length;
}

function addsUp(total: Line, others: readonly Line[], named: boolean): boolean {
  const compared = total.flatMap((figure, place) => {
    const parts = others.flatMap((line) => line[place] ?? []);
    if (figure === null || parts.length < 3) return [];
    const sum = parts.reduce((left, right) => left + right, 0);
    const size = parts.reduce((left, right) => left + Math.abs(right), 0);
    const varies = parts.some((part) => part !== parts[0]);
    return [{ varies, isRight: Math.abs(sum - figure) <= 1e-9 * size }];
  });
  const right = compared.filter(({ isRight }) => isRight);
  return right.some(({ varies }) => varies) && right.length >= (named ? 0.5 : 1) * compared.length;
}
