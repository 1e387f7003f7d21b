import { partLabels } from '../../core/labels';
import type { Reading, ReadSeries } from '../../core/reading';
import { letteredIn, page } from '../look';
import { plotBottom, type Measure, toX, toY } from './geometry';
import { type Highlight, isAway, isLit } from './highlight';
import { wrapped } from './letters';
import { letteredAs } from './letteredAs';
import { atEnd, atStart, type Named } from './namedAt';
import { geometryOn, type PlacedPanel } from './panels';
import { type Flown, wordAt } from './pennants';
import { textSizes } from './textSizes';

/** A name at the end of a line, or the value of a yardstick. */
export interface EndLabel {
  /** the series it highlights; null for a yardstick */
  series: string | null;
  text: string;
  /** the text, whole, in as many lines as it takes */
  lines: readonly string[];
  colour: string;
  left: number;
  width: number;
  top: number;
  height: number;
  strong: boolean;
  /** it ends at the line rather than beginning there */
  before: boolean;
  /** where the hairline begins that leads to it, in pixels; null where it stands beside its line */
  from: { x: number; y: number } | null;
}

/** Names at the ends are pressed too: WCAG 2.2 asks for targets of 24 pixels. */
const heights = { roomy: 24, dense: 16 };
/** Between a panel and the names beside it, in pixels. */
const gap = 12;
/** A name that is moved by more than this is led to. */
const leadFrom = 5;

/** Room beside the panels for the names at the ends of their lines, in pixels. */
export function roomForNames(reading: Reading, width: number, measure: Measure) {
  const fontSize = textSizes(reading.look, false).name;
  const widest = (named: Named[]) =>
    named.length === 0
      ? gap
      : Math.ceil(Math.max(...named.map(({ text }) => measure(text, fontSize, 650)))) + gap + 8;
  const ends = reading.axis === 'ends';
  const most = { start: width * 0.36, end: Math.max(60, width * (ends ? 0.46 : 0.28)) };
  if (reading.headline) return { start: 0, end: 8 };
  const all = reading.panels.flatMap((panel) => atEnd(reading, panel));
  const start = ends ? widest(reading.panels.flatMap((each) => atStart(each))) : 0;
  return { start: Math.min(start, most.start), end: Math.min(widest(all), most.end) };
}

/** How names are written, and what stands between a panel and them. */
interface Naming {
  highlight: Highlight;
  measure: Measure;
  size: number;
  /** the room that a second value axis takes, in pixels */
  secondRoom: number;
}

/** The names beside a panel, moved apart where they would touch; those without room are left out whole. */
export function endLabels(
  reading: Reading,
  placed: Flying,
  naming: Naming,
): { labels: EndLabel[]; leftOut: number } {
  if (!placed.named || reading.headline) return { labels: [], leftOut: 0 };
  const { geometry, panel } = placed;
  const edge = toX(geometry, geometry.xTo);
  if (reading.axis !== 'ends')
    return column(atEnd(reading, panel), placed, naming, {
      line: edge,
      from: edge + gap + naming.secondRoom,
      to: geometry.width - 2,
      before: false,
    });
  const [first, second] = [0, 1].map((at) => toX(geometry, reading.positions[at]?.middle ?? 0));
  const both = [
    column(atStart(panel), placed, naming, {
      line: first as number,
      from: 2,
      to: (first as number) - gap,
      before: true,
    }),
    column(atEnd(reading, panel), placed, naming, {
      line: second as number,
      from: (second as number) + gap,
      to: geometry.width - 2,
      before: false,
    }),
  ];
  return {
    labels: both.flatMap(({ labels }) => labels),
    leftOut: both.reduce((sum, { leftOut }) => sum + leftOut, 0),
  };
}

/** A panel with what flies over it. */
type Flying = PlacedPanel & { flown: readonly Flown[] };

/** What a column of names has of the picture: it begins beneath words that fly over it. */
function columnBeside(
  { geometry, row, column: across, flown }: Flying,
  { from, to }: { from: number; to: number },
) {
  const isOver = flown.some((each) => {
    const { left, right } = wordAt(toX(geometry, each.day), each, across);
    return each.level >= 0 && right > from && left < to;
  });
  // Beneath the panel stand its dates.
  return { from: isOver ? geometry.top : row.from, to: plotBottom(geometry) + 8 };
}

/** A column of names: between two places across, and where their lines end. */
interface Column {
  from: number;
  to: number;
  line: number;
  before: boolean;
}

/** A name that fits its column across. */
interface Fitting extends Named {
  lines: readonly string[];
  height: number;
  wanted: number;
}

function column(
  all: readonly Named[],
  placed: Flying,
  { highlight, measure, size }: Naming,
  { from, to, line, before }: Column,
): { labels: EndLabel[]; leftOut: number } {
  const { geometry } = placed;
  const wide = (text: string) => measure(text, size, 650) + 2;
  const fitting = all.flatMap((named): Fitting[] => {
    const lines = wrapped(named.text, to - from, wide);
    const wanted = toY(geometryOn(placed, named.second), named.value);
    return lines ? [{ ...named, lines, wanted, height: 0 }] : [];
  });
  const own = columnBeside(placed, before ? { from: 0, to } : { from, to: geometry.width });
  const low = Math.max(own.from, geometry.top - 20);
  const high = Math.min(own.to, plotBottom(geometry) + 8);
  const rows = fitting.reduce((sum, { lines }) => sum + lines.length, 0);
  const row = Math.max(
    Math.ceil(size * 1.25),
    rows * heights.roomy <= high - low ? heights.roomy : heights.dense,
  );
  const sized = fitting.map((each) => ({
    ...each,
    height: Math.max(row, each.lines.length * Math.ceil(size * 1.25) + 2),
  }));
  const needed = sized.reduce((sum, { height }) => sum + height, 0);
  // Where the panel is too low for all of them, they take what room there is above and below it, and no more.
  const down = needed <= high - low ? { from: low, to: high } : own;
  const { kept, centres } = standing(sized, down, highlight);
  const someApart = placed.panel.series.some(({ inInk }) => inInk);
  const labels = kept.map((named, at): EndLabel => {
    const { series, text, lines, height, wanted, colour = null } = named;
    const centre = centres[at] ?? wanted;
    const width = Math.min(to - from, Math.max(...lines.map(wide)));
    return {
      series: series?.id ?? null,
      text,
      lines,
      before,
      width,
      height,
      left: before ? to - width : from,
      top: centre - height / 2,
      from: Math.abs(centre - wanted) > leadFrom ? { x: line, y: wanted } : null,
      colour: series || !colour ? labelColour(series, highlight) : letteredIn(colour),
      strong:
        highlight.length === 0
          ? series?.role === 'actual' &&
            !series.age &&
            !series.greyed &&
            (!someApart || series.inInk)
          : isLit(highlight, series?.id),
    };
  });
  return { labels, leftOut: all.length - labels.length };
}

/**
 * As many names as there is room for: those that are highlighted or stand apart, the outermost,
 * actuals, then the rest in their order.
 */
function standing(
  all: readonly Fitting[],
  down: { from: number; to: number },
  highlight: Highlight,
) {
  const heights = all.map(({ wanted }) => wanted);
  const outermost = [Math.min(...heights), Math.max(...heights)];
  const rank = ({ series, wanted }: Fitting) =>
    isLit(highlight, series?.id) || series?.inInk
      ? 0
      : outermost.includes(wanted)
        ? 1
        : series?.role === 'actual'
          ? 2
          : 3;
  const inTurn = [...all].sort((one, other) => rank(one) - rank(other));
  const room = down.to - down.from;
  const fits = all.reduce((sum, { height }) => sum + height, 0) <= room;
  const chosen = fits ? new Set(all) : spaced(inTurn, room);
  const kept = all.filter((each) => chosen.has(each));
  return { kept, centres: partLabels(kept, down) };
}

/** Of more names than there is room for, those that stand beside their own lines. */
function spaced(inTurn: readonly Fitting[], room: number): ReadonlySet<Fitting> {
  const chosen: Fitting[] = [];
  let taken = 0;
  for (const each of inTurn) {
    const isFree = chosen.every(
      ({ wanted, height }) => Math.abs(wanted - each.wanted) >= (height + each.height) / 2,
    );
    if (!isFree || taken + each.height > room) continue;
    chosen.push(each);
    taken += each.height;
  }
  return new Set(chosen);
}

function labelColour(series: ReadSeries | null, highlight: Highlight): string {
  if (!series) return page.accent;
  if (isAway(highlight, series.id)) return page.third;
  return letteredAs(series);
}
