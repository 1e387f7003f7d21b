import type { Position } from '../arrangements';
import type { Day } from '../calendar';
import type { DrawnChart, StandoutDefinition } from '../chart';
import { type Candidate, candidatesOf } from '../standouts';
import { placesWithin, plainScope, type YardstickContext } from '../yardsticks';
import type { Figures } from '../values';
import type { ReadSeries } from './reading';

type Counted = YardstickContext['lines'][number];

/** The finished figures that a standout is looked for in, and which of them are shown. */
export interface Pool {
  lines: readonly Figures[];
  candidates: readonly Candidate[];
  exact: boolean;
  /** by line: as it is drawn in this panel; undefined where it is not */
  drawn: readonly (ReadSeries | undefined)[];
  /** the first day of a place; those before and after what is shown have one too */
  startAt: (place: number) => Day;
  /** where a candidate is drawn in this panel; null where it is not, or not as this figure */
  shownAt: (candidate: Candidate) => { series: ReadSeries; place: number } | null;
}

/** What a panel shows, and what there is beside. */
interface Shown {
  series: readonly ReadSeries[];
  positions: readonly Position[];
  context: YardstickContext;
}

/**
 * Gathers the figures within the scope of a standout. What a reader filters may be looked past: then a
 * point stands out only where the very figure is drawn that was found.
 */
export function poolOf(
  chart: Pick<DrawnChart, 'series'>,
  { series: of, scope = plainScope }: Pick<StandoutDefinition, 'series' | 'scope'>,
  { series, positions, context }: Shown,
): Pool {
  const isFixed = chart.series.some(({ id, fixed }) => id === of && fixed);
  const own = isFixed ? [] : series.filter(({ seriesId, greyed }) => seriesId === of && !greyed);
  const from = { ...context, ...(scope.unfiltered && context.unfiltered) };
  const isPlain = scope.per === 'panel' && from.lines === context.lines;
  const all: readonly Counted[] = isFixed
    ? []
    : isPlain
      ? own
      : ((scope.per === 'chart' ? from.allLines : undefined) ?? from.lines).filter(
          ({ seriesId }) => seriesId === of,
        );
  const counts = placesWithin(from, all, scope);
  const lines = all.map(({ figures, open }) =>
    counts || open.includes(true)
      ? figures.map((figure, place) => (open[place] || counts?.[place] === false ? null : figure))
      : figures,
  );
  const beyond = scope.periods === 'all' ? all.map((line) => beyondOf(line, from.positions)) : [];
  const starts = new Map(beyond.flatMap((each) => each.map(({ place, start }) => [place, start])));
  const drawn = all.map(({ id }) => own.find((line) => line.id === id));
  const startAt = (place: number) => from.positions[place]?.start ?? starts.get(place) ?? 0;
  const placeOf = new Map(positions.map(({ start }, place) => [start, place]));
  return {
    lines,
    drawn,
    startAt,
    exact: own.every(({ exact }) => exact),
    candidates:
      beyond.length === 0
        ? candidatesOf(lines)
        : inOrder([...candidatesOf(lines), ...unshown(beyond)]),
    shownAt: ({ line, place, figure }) => {
      const found = drawn[line];
      const at = from.positions === positions ? place : placeOf.get(startAt(place));
      return found && at !== undefined && found.figures[at] === figure
        ? { series: found, place: at }
        : null;
    },
  };
}

interface Beyond {
  place: number;
  start: Day;
  figure: number;
}

/** What is not shown of a line, with places before and after those that are. */
function beyondOf({ unshown = [] }: Counted, positions: readonly Position[]): Beyond[] {
  const first = positions[0]?.start ?? Infinity;
  const before = unshown.filter(({ start }) => start < first).length;
  return unshown.map(({ start, figure }, at) => ({
    start,
    figure,
    place: at < before ? at - before : positions.length + at - before,
  }));
}

const unshown = (beyond: readonly (readonly Beyond[])[]): Candidate[] =>
  beyond.flatMap((each, line) => each.map(({ place, figure }) => ({ line, place, figure })));

const inOrder = (all: Candidate[]) => all.sort((a, b) => a.line - b.line || a.place - b.place);
