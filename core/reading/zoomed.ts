import type { Figures } from '../values';
import type { Comparison, Reading, ReadPanel, ReadPiece, ReadSeries } from './reading';

/** The places of the first and the last position that are looked at. */
export interface Zoom {
  from: number;
  to: number;
}

/** A stretch of the axis, from x to x. */
export interface Span {
  from: number;
  to: number;
}

/**
 * The stretch of the axis that some positions take: it stays when they become others.
 * @param reading of the whole
 * @param zoom the first and last place shown
 */
export function spanOf({ positions }: Pick<Reading, 'positions'>, { from, to }: Zoom): Span {
  return { from: positions[from]?.start ?? 0, to: positions[to]?.next ?? 0 };
}

/**
 * The positions that lie in a stretch, at least in part; null when that is all of them, or none.
 * @param reading of the whole
 * @param span a stretch of days
 */
export function zoomOn({ positions }: Pick<Reading, 'positions'>, span: Span): Zoom | null {
  const from = positions.findIndex(({ next }) => next > span.from);
  const to = positions.findLastIndex(({ start }) => start < span.to);
  const all = from === 0 && to === positions.length - 1;
  return from < 0 || to < from || all ? null : { from, to };
}

/**
 * A reading as far as some of its positions: what is drawn when a reader looks closer. Nothing is
 * computed anew: statistics, judgements, spells and the value axes stay those of the whole.
 * @param reading of the whole
 * @param zoom the first and last place that are shown, from 0
 */
export function zoomed(reading: Reading, zoom: Zoom): Reading {
  const { positions } = reading;
  if (zoom.from <= 0 && zoom.to >= positions.length - 1) return reading;
  const cut = cutter(zoom);
  const span = spanOf(reading, zoom);
  return {
    ...reading,
    positions: cut.all(positions),
    panels: reading.panels.map((panel) => zoomPanel(panel, cut, span)),
  };
}

type Cutter = ReturnType<typeof cutter>;

/** Cuts what has an entry a position, and places to those within. */
const cutter = ({ from, to }: Zoom) => ({
  all: <Each>(entries: readonly Each[]): Each[] => entries.slice(from, to + 1),
  has: (place: number) => place >= from && place <= to,
  meets: (stretch: Zoom) => stretch.from <= to && stretch.to >= from,
  /** a place within, counted anew */
  place: (place: number) => Math.max(0, Math.min(to, place) - from),
});

function zoomPanel(panel: ReadPanel, cut: Cutter, span: Span): ReadPanel {
  return {
    ...panel,
    series: panel.series.map((line) => zoomSeries(line, cut, span)),
    standouts: panel.standouts
      .filter(({ period }) => cut.has(period))
      .map((each) => ({ ...each, period: cut.place(each.period) })),
    yardsticks: panel.yardsticks.map((each) => ({
      ...each,
      edges: each.edges && zoomEdges(each.edges, cut),
      days: each.days.filter((day) => day >= span.from && day < span.to),
      stretches: each.stretches
        .map(({ from, to }) => ({ from: Math.max(from, span.from), to: Math.min(to, span.to) }))
        .filter(({ from, to }) => from < to),
    })),
  };
}

function zoomSeries(line: ReadSeries, cut: Cutter, span: Span): ReadSeries {
  const figures = cut.all(line.figures);
  const last = figures.findLastIndex((figure) => figure !== null);
  const { pace, readings } = line;
  const near = readings?.days.map((day) => day >= span.from && day < span.to) ?? [];
  return {
    ...line,
    figures,
    drawn: cut.all(line.drawn),
    open: cut.all(line.open),
    absent: cut.all(line.absent),
    measured: cut.all(line.measured),
    caughtBy: cut.all(line.caughtBy),
    pointColours: cut.all(line.pointColours),
    pointMarkers: cut.all(line.pointMarkers),
    readings: readings && {
      ...readings,
      days: readings.days.filter((_, at) => near[at]),
      figures: readings.figures.filter((_, at) => near[at]),
    },
    comparison: line.comparison && zoomComparison(line.comparison, cut),
    // A pace leads from one place to another: it is drawn where both are in sight.
    pace:
      pace && cut.has(pace.from) && cut.has(pace.to)
        ? { ...pace, from: cut.place(pace.from), to: cut.place(pace.to) }
        : null,
    pieces: line.pieces.flatMap((piece) => zoomPiece(piece, span)),
    last: last < 0 ? null : last,
  };
}

const zoomEdges = ({ low, high }: { low: Figures; high: Figures }, cut: Cutter) => ({
  low: cut.all(low),
  high: cut.all(high),
});

function zoomComparison(comparison: Comparison, cut: Cutter): Comparison {
  const { edges, marks, differences, running, judgements, spells, toDate } = comparison;
  return {
    ...comparison,
    edges: edges && zoomEdges(edges, cut),
    marks: cut.all(marks),
    differences: cut.all(differences),
    running: cut.all(running),
    judgements: cut.all(judgements),
    toDate: toDate && cut.has(toDate.place) ? { ...toDate, place: cut.place(toDate.place) } : null,
    spells: spells
      .filter((spell) => cut.meets(spell))
      .map((spell) => ({ ...spell, from: cut.place(spell.from), to: cut.place(spell.to) })),
  };
}

/** The part of a stroke within a span, cut straight at its ends. */
function zoomPiece(piece: ReadPiece, { from, to }: Span): ReadPiece[] {
  const { x, y, fillTo } = piece;
  const [first = 0, last = 0] = [x[0], x.at(-1)];
  if (last < from || first > to) return [];
  if (first >= from && last <= to) return [piece];
  const [begins, ends] = [first < from ? [from] : [], last > to ? [to] : []];
  const within = x.map((at) => at >= from && at <= to);
  const cut = (of: readonly number[]) => [
    ...begins.map((at) => valueAt(x, of, at)),
    ...of.filter((_, at) => within[at]),
    ...ends.map((at) => valueAt(x, of, at)),
  ];
  return [{ ...piece, x: cut(x), y: cut(y), fillTo: fillTo && cut(fillTo) }];
}

/** The value of a stroke at x, which lies along it. */
function valueAt(x: readonly number[], y: readonly number[], at: number): number {
  const next = x.findIndex((each) => each >= at);
  const [after, above] = [x[next] ?? NaN, y[next] ?? NaN];
  if (after === at || next === 0) return above;
  const [before, below] = [x[next - 1] ?? NaN, y[next - 1] ?? NaN];
  return below + ((at - before) / (after - before)) * (above - below);
}
