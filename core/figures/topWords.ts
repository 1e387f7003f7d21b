import { othersWord, rankWords, type TopRequest } from '../frame';
import type { Grain } from '../calendar';
import { sumFigures } from '../values';
import type { FullSeries } from './seriesFrame';

/**
 * Keeps the first words by rank of what a formula comes to. The rest is worked out anew from sums of its
 * operands, as a ratio of sums; where an operand does not add up, the rest has no figure and is left out.
 * @param whole what the formula comes to, by word
 * @param work works the formula out from other operands
 */
export function keepTopWords(
  whole: FullSeries,
  operands: ReadonlyMap<string, FullSeries>,
  top: TopRequest,
  grain: Grain,
  work: (operands: ReadonlyMap<string, FullSeries>) => FullSeries,
): FullSeries {
  if (whole.keys.length <= top.count) return whole;
  const ranked = rankWords(whole, top, grain).map((place) => whole.keys[place] as string);
  const [kept, rest] = [ranked.slice(0, top.count), ranked.slice(top.count)];
  const others = othersWord(whole.keys);
  const adds = [...operands.values()].every((each) => isWhole(each) || each.additive);
  const folded = work(
    new Map(
      [...operands].map(([name, each]) => [
        name,
        isWhole(each) ? each : foldOperand(each, kept, adds ? { rest, others } : null),
      ]),
    ),
  );
  return { ...folded, others: adds ? others : null };
}

/** What is not split serves every word as it is. */
const isWhole = ({ keys }: FullSeries) => keys.length === 1 && keys[0] === '';

/** The kept words of an operand, and the sums of the rest. */
function foldOperand(
  operand: FullSeries,
  kept: readonly string[],
  remaining: { rest: readonly string[]; others: string } | null,
): FullSeries {
  const rowOf = (key: string) => operand.values[operand.keys.indexOf(key)] ?? [];
  const values = kept.map(rowOf);
  const folded = { ...operand, keys: [...kept], values, groups: null };
  if (!remaining) return folded;
  const rows = remaining.rest.map(rowOf);
  const sums = operand.periods.map((_, place) =>
    sumFigures(
      rows.map((row) => row[place] ?? null),
      operand.exact,
    ),
  );
  return { ...folded, keys: [...kept, remaining.others], values: [...values, sums] };
}
