import type { Line, Position } from '../arrangements';
import type { Day } from '../calendar';
import { type DrawnChart, type DrawnSeries, type Role } from '../chart';
import { isSplit, type SeriesFrame, type SeriesFrames } from '../figures';
import type { Readings } from '../frame';
import { gapKind } from '../gaps';
import type { Figures } from '../values';
import { positionsKind } from './positions';

/** One line of figures, laid on the calendar. */
export interface SeriesLine extends Line {
  definition: DrawnSeries;
  /** the name of its series, which the lines of a split share */
  seriesName: string;
  role: Role;
  exact: boolean;
  additive: boolean;
  /** all the rest of a ranking */
  others: boolean;
  /** a filter of the chart leaves it in grey: it enters no computation */
  greyed: boolean;
  /** its author has it stand apart from the other lines of its split */
  inInk: boolean;
  /** its finished figures in periods that are not shown; missing: nothing looks at them */
  unshown?: readonly { start: Day; figure: number }[];
  /** its figures in every period that is known of, those before the first shown among them */
  history: History;
  /** how much of its first open period with a figure it covers, 0 to 1; null where that is not known */
  covered: number | null;
  /** which of its figures stand in the source, neither filled nor divided */
  measured: readonly boolean[];
  /** single rows of the source, to stand behind it */
  readings: Readings | null;
  /** the place of its word among all words of the split, drawn or not */
  word: number;
  /** the word that gives it its colour, which lines of one category share; null: its own does */
  group: string | null;
}

/** Figures by the first days of their periods, which ascend; nothing where no periods are drawn. */
export interface History {
  starts: readonly Day[];
  figures: Figures;
}

/** More lines than this in one chart cannot be read. */
export const mostLines = 40;

/**
 * Lays all series of a chart on the calendar, one line for each word of a split.
 * @param frames by the id of their series
 * @param axis the positions shown
 */
export function layLines(
  chart: DrawnChart,
  frames: SeriesFrames,
  axis: readonly Position[],
): SeriesLine[] {
  const { skipsOthers } = positionsKind(chart);
  const opens = axis.map(({ open }) => open);
  const never = axis.map(() => false);
  return chart.series.flatMap((definition) => {
    const frame = frames[definition.id];
    const split = !!definition.split && (!frame || isSplit(frame) || frame.keys.length === 0);
    const keys = split ? (frame?.keys ?? []) : [''];
    const gap = gapKind(definition.gap);
    const absent = frame && skipsOthers ? absentFrom(frame, axis) : [];
    return keys.map((key, row): SeriesLine => {
      const laid = frame ? layFigures(frame, row, axis) : axis.map(() => null);
      const figures = gap.counted(laid);
      const own = !frame?.within && frame?.constant === null;
      return {
        id: split ? `${definition.id}:${key}` : definition.id,
        seriesId: definition.id,
        definition,
        key,
        split,
        name: split ? key || 'blank' : definition.name,
        seriesName: definition.name,
        role: definition.role,
        plan: plans.has(definition.role),
        figures,
        drawn: gap.drawn(figures),
        // Only what an actual has not finished yet is open: a plan is as sure ahead as behind.
        open: definition.role === 'actual' ? opens : never,
        absent,
        joins: null,
        handsOver: null,
        age: null,
        exact: frame?.exact ?? false,
        additive: frame?.additive ?? false,
        others: frame?.others != null && frame.others === key,
        greyed: frame?.greyed[row] ?? false,
        inInk: frame?.inInk[row] ?? false,
        covered: definition.role === 'actual' ? coveredOf(figures, axis, frame) : null,
        measured: own ? laid.map((figure) => figure !== null) : never,
        readings: frame?.readings ?? null,
        unshown: frame?.unshown?.[row],
        history: historyOf(frame, row),
        word: frame?.colourPlaces[row] ?? 0,
        group: (split && frame?.groups?.[row]) || null,
      };
    });
  });
}

const plans: ReadonlySet<Role> = new Set(['target', 'budget', 'forecast']);

/** How much of the first open period that has a figure lies behind the day its source is complete to. */
function coveredOf(
  figures: Figures,
  axis: readonly Position[],
  frame: SeriesFrame | undefined,
): number | null {
  const completeTo = frame?.completeTo ?? null;
  const period = axis.find(({ open }, place) => open && figures[place] !== null);
  if (!period || completeTo === null) return null;
  const { start, next } = period;
  return Math.max(0, Math.min(completeTo + 1, next) - start) / (next - start);
}

function historyOf(frame: SeriesFrame | undefined, row: number): History {
  if (!frame || frame.axisPlaces) return { starts: [], figures: [] };
  const { earlier, periods } = frame;
  const figures = frame.values[row] ?? [];
  if (!earlier) return { starts: periods, figures };
  return {
    starts: [...earlier.periods, ...periods],
    figures: [...(earlier.values[row] ?? []), ...figures],
  };
}

/** The positions at which a frame has no row. */
function absentFrom({ constant, periods }: SeriesFrame, axis: readonly Position[]): boolean[] {
  if (constant !== null) return [];
  const own = new Set(periods);
  return axis.map(({ start }) => !own.has(start));
}

function layFigures(frame: SeriesFrame, row: number, axis: readonly Position[]): Figures {
  if (frame.constant !== null) return axis.map(() => frame.constant);
  const figures = frame.values[row];
  const { periods } = frame;
  // Both the axis and the frame ascend, so one walk along them finds every figure.
  const laid: (number | null)[] = new Array<number | null>(axis.length);
  for (let at = 0, place = 0; at < axis.length; at += 1) {
    const { start } = axis[at] as Position;
    while (place < periods.length && (periods[place] as Day) < start) place += 1;
    laid[at] = periods[place] === start ? (figures?.[place] ?? null) : null;
  }
  return laid;
}
