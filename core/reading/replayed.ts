import { plainReplay, type ReplayDefinition } from '../chart';
import { fillSlots, writeFigure } from '../labels';
import type { Reading, ReadSeries } from './reading';
import { linesOf } from './words';

/** How far a chart has come while it is replayed. */
export interface Replayed {
  period: string;
  /** how many periods so far have a figure, and how many will; missing ones are not counted */
  count: number;
  all: number;
  /** the line's latest figure so far; empty before the first */
  value: string;
  /** the author's, with the rest put in; empty for none */
  words: string;
}

/**
 * The line that a replay counts: the one that is highlighted, or the first that has a figure.
 * @param highlight the id of a highlighted line; null for none
 */
export function lineFollowed(reading: Reading, highlight: string | null): ReadSeries | null {
  const lines = linesOf(reading).filter(({ last }) => last !== null);
  return lines.find(({ id }) => id === highlight) ?? lines[0] ?? null;
}

/**
 * What is said of a line when a chart has come as far as a position.
 * @param reading where the positions stand
 * @param line whose figures are counted
 * @param place how far the replay has come, from 0
 * @param replay the words of the author
 */
export function replayedAt(
  { positions }: Pick<Reading, 'positions'>,
  { name, figures, format }: Pick<ReadSeries, 'name' | 'figures' | 'format'>,
  place: number,
  { words }: ReplayDefinition = plainReplay,
): Replayed {
  const has = (figure: number | null) => figure !== null;
  const soFar = figures.slice(0, place + 1);
  const latest = soFar.findLast(has) ?? null;
  const found = {
    period: positions[place]?.label ?? '',
    count: soFar.filter(has).length,
    all: figures.filter(has).length,
    value: latest === null ? '' : writeFigure(latest, format),
  };
  const slots = Object.entries({ ...found, name }).map(
    ([slot, value]) => [slot, String(value)] as const,
  );
  return { ...found, words: fillSlots(words, new Map(slots)) };
}
