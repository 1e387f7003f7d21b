import type { GoodSide } from '../chart';
import { compareFigures, type Figures } from '../values';

/** On the mark, off it, or not judged: missing on either side, or in an open period. */
export type Judgement = 'on' | 'off' | null;

/** Whether a figure stands off its mark; exactly on the mark is on it. */
export function isOff(figure: number, mark: number, good: GoodSide, exact: boolean): boolean {
  const order = compareFigures(figure, mark, exact);
  return good === 'atLeast' ? order < 0 : order > 0;
}

/** Judges each figure of a series against its mark. */
export function judge(
  figures: Figures,
  marks: Figures,
  open: readonly boolean[],
  good: GoodSide,
  exact: boolean,
): Judgement[] {
  return figures.map((figure, place) => {
    const mark = marks[place] ?? null;
    if (figure === null || mark === null || open[place]) return null;
    return isOff(figure, mark, good, exact) ? 'off' : 'on';
  });
}
