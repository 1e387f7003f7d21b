import type { StandoutPick } from '../chart';
import type { Figures } from '../values';

/** One way to pick points out of a line. */
interface Pick {
  /** before "of Fare revenue" */
  words: string;
  /** the places of the points picked; missing figures and those that are not counted never are */
  places: (figures: Figures) => number[];
  /** of the points picked from several lines, whether only the best of all stay */
  best: ((one: number, two: number) => number) | null;
}

const greater = (one: number, two: number) => one - two;
const smaller = (one: number, two: number) => two - one;

/** All figures that no other beats. */
function extremes(figures: Figures, better: (one: number, two: number) => number): number[] {
  let best: number | null = null;
  let places: number[] = [];
  figures.forEach((figure, place) => {
    if (figure === null || (best !== null && better(figure, best) < 0)) return;
    if (figure !== best) places = [];
    best = figure;
    places.push(place);
  });
  return places;
}

const onlyPlace = (place: number) => (place < 0 ? [] : [place]);

/** Every way to pick points out. */
export const standoutPicks: Readonly<Record<StandoutPick, Pick>> = {
  highest: {
    words: 'highest',
    places: (figures) => extremes(figures, greater),
    best: greater,
  },
  lowest: { words: 'lowest', places: (figures) => extremes(figures, smaller), best: smaller },
  first: {
    words: 'first',
    places: (figures) => onlyPlace(figures.findIndex((figure) => figure !== null)),
    best: null,
  },
  last: {
    words: 'last',
    places: (figures) => onlyPlace(figures.findLastIndex((figure) => figure !== null)),
    best: null,
  },
};

/**
 * Picks points out of several lines, the best over all of them where there is a best.
 * @param lines figures by line; those that are not to be picked count as missing
 */
export function pickOut(
  lines: readonly Figures[],
  pick: StandoutPick,
): { line: number; place: number; figure: number }[] {
  const { places, best } = standoutPicks[pick];
  const own = lines.flatMap((figures, line) =>
    places(figures).map((place) => ({ line, place, figure: figures[place] as number })),
  );
  if (!best) return own;
  return extremes(
    own.map(({ figure }) => figure),
    best,
  ).map((at) => own[at] as (typeof own)[number]);
}
