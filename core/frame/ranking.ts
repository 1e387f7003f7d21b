import { type Day, type Grain, nextPeriod } from '../calendar';
import { difference, type Figures, sumFigures } from '../values';

/** By what the words of a split are ranked. */
export const rankings = ['total', 'last', 'change'] as const;
export type Ranking = (typeof rankings)[number];

/** Asks for the first words of a split by rank, and the rest as one. */
export interface TopRequest {
  count: number;
  by: Ranking;
  /** the periods that count, by their first days; null: from the first, to the last */
  from: Day | null;
  to: Day | null;
  /** what is finished on this day counts as finished */
  today: Day;
}

/** What is ranked: figures by word, and the periods they stand in. */
interface Ranked {
  periods: readonly Day[];
  values: readonly Figures[];
  exact: boolean;
  completeTo: Day | null;
}

/** What each ranking goes by; null is missing. */
const measures: Record<Ranking, (figures: Figures, last: number, exact: boolean) => number | null> =
  {
    total: (figures, _last, exact) => sumFigures(figures, exact),
    last: (figures, last) => figures[last] ?? null,
    change: (figures, last, exact) => {
      const [now, before] = [figures[last] ?? null, figures[last - 1] ?? null];
      return now === null || before === null ? null : difference(now, before, exact);
    },
  };

/**
 * Ranks the words of a split: the greatest first, missing ones last; ties keep their order.
 * @param ranked the words with their figures by place
 * @param top how many are kept, and by what
 * @returns the places of the words, by rank
 */
export function rankWords(ranked: Ranked, top: TopRequest, grain: Grain): number[] {
  const { periods, values, exact, completeTo } = ranked;
  const shown = periods.map(
    (start) => start >= (top.from ?? -Infinity) && start <= (top.to ?? Infinity),
  );
  const inside = periods.filter((_, place) => shown[place]);
  const last = inside.findLastIndex((start) => {
    const next = nextPeriod(start, grain);
    return next <= top.today && next - 1 <= (completeTo ?? Infinity);
  });
  const measured = values.map((figures) =>
    measures[top.by](
      figures.filter((_, place) => shown[place]),
      last,
      exact,
    ),
  );
  return measured
    .map((_, place) => place)
    .sort((a, b) => {
      const [one, two] = [measured[a] ?? null, measured[b] ?? null];
      if (one === null || two === null) return Number(one === null) - Number(two === null);
      return two - one;
    });
}
