import type { Figures } from '../values';

/** A way to draw the periods without a figure between a line's first and last one. */
export interface Gap<Kind extends string = string> {
  kind: Kind;
  /** its words in a sentence: "gaps left open" */
  words: string;
  /** a lighter stroke leads over the gap */
  bridges: boolean;
  /** the figures that count everywhere from now on */
  counted: (figures: Figures) => Figures;
  /** the figures that are drawn */
  drawn: (figures: Figures) => Figures;
}

/** Changes nothing. */
export const asTheyAre = (figures: Figures) => figures;

/** Fills what is missing between the first and the last figure. */
export function fillInner(figures: Figures, fill: (place: number) => number | null): Figures {
  const first = figures.findIndex((figure) => figure !== null);
  const last = figures.findLastIndex((figure) => figure !== null);
  return figures.map((figure, place) =>
    figure === null && place > first && place < last ? fill(place) : figure,
  );
}
