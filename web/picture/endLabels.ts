import { partLabels, isPercentage, writeChange, writeShare, writeFigure } from '../../core/labels';
import type { Colour } from '../../core/chart';
import { linesOf, type Reading, type ReadPanel, type ReadSeries } from '../../core/reading';
import type { Edges } from '../../core/yardsticks';
import { letteredIn, page } from '../look';
import { plotBottom, type Measure, toX, toY } from './geometry';
import { geometryOn, type PlacedPanel } from './panels';
import { textSizes } from './textSizes';
import { type Highlight, isAway, isLit } from './highlight';

/** A name at the end of a line, or the value of a yardstick. */
export interface EndLabel {
  /** the series it highlights; null for a yardstick */
  series: string | null;
  text: string;
  colour: string;
  left: number;
  width: number;
  top: number;
  height: number;
  strong: boolean;
  /** it ends at the line rather than beginning there */
  before: boolean;
}

interface Named {
  series: ReadSeries | null;
  text: string;
  value: number;
  /** it stands on the second value axis */
  second: boolean;
  /** a yardstick's own colour; null: the accent */
  colour?: Colour | null;
}

/** Names at the ends are pressed too: WCAG 2.2 asks for targets of 24 pixels. */
const heights = { roomy: 24, dense: 16 };
const gap = 8;

/** Room beside the panels for the names at the ends of their lines, in pixels. */
export function roomForNames(reading: Reading, width: number, measure: Measure) {
  const fontSize = textSizes(reading.look, false).name;
  const widest = (named: Named[]) =>
    Math.ceil(Math.max(gap, ...named.map(({ text }) => measure(text, fontSize, 650)))) + 16;
  const ends = reading.axis === 'ends';
  const most = { start: width * 0.36, end: Math.max(60, width * (ends ? 0.46 : 0.28)) };
  if (reading.headline) return { start: 0, end: gap };
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

/** The labels beside a panel, moved apart where they would touch. */
export function endLabels(
  reading: Reading,
  placed: PlacedPanel,
  { highlight, measure, size, secondRoom }: Naming,
): { labels: EndLabel[]; leftOut: number } {
  if (!placed.named || reading.headline) return { labels: [], leftOut: 0 };
  const { geometry, panel } = placed;
  const right = toX(geometry, geometry.xTo) + gap + secondRoom;
  const end = place(atEnd(reading, panel), placed, highlight, {
    left: right,
    width: geometry.width - right - 2,
    before: false,
  });
  if (reading.axis !== 'ends') return end;
  const first = toX(geometry, reading.positions[0]?.middle ?? 0) - gap;
  const second = toX(geometry, reading.positions[1]?.middle ?? 0) + gap;
  const widest = (named: Named[]) =>
    Math.max(0, ...named.map(({ text }) => measure(text, size, 650))) + 12;
  const [starts, ends] = [atStart(panel), atEnd(reading, panel)];
  const startWidth = Math.min(first - 2, widest(starts));
  const both = [
    place(starts, placed, highlight, {
      left: first - startWidth,
      width: startWidth,
      before: true,
    }),
    place(ends, placed, highlight, {
      left: second,
      width: Math.min(geometry.width - second - 2, widest(ends)),
      before: false,
    }),
  ];
  return {
    labels: both.flatMap(({ labels }) => labels),
    leftOut: both.reduce((sum, { leftOut }) => sum + leftOut, 0),
  };
}

/** A lone series is named by the title; several are named at their ends. */
function atEnd(reading: Reading, { series, yardsticks, ...axes }: ReadPanel): Named[] {
  const { names } = reading.look;
  const inLegend = names.as === 'legend';
  const drawn = series.filter(({ last }) => last !== null);
  const several = drawn.length > 1 || linesOf(reading).length > reading.panels.length;
  const panels = reading.panels.length > 1;
  const lines = drawn.flatMap((line): Named[] => {
    const value = line.figures[line.last as number] ?? 0;
    if (reading.axis === 'ends') return line.last === 1 ? [atSlopeEnd(line)] : [];
    const { second } = line;
    return several && !inLegend
      ? [{ series: line, text: panels ? line.seriesName : line.name, value, second }]
      : [];
  });
  if (inLegend && names.yardsticks) return lines;
  const held = yardsticks.flatMap((yardstick): Named[] => {
    const { label: text, look, value, bands, edges, filledBetween, second } = yardstick;
    const axis = (second && axes.second) || axes.axis;
    const { colour } = look;
    const label = (words: string, at: number) => ({
      series: null,
      text: words,
      value: at,
      second,
      colour,
    });
    const atEdges = yardstick.edgeLabels
      .filter((each) => each.value >= axis.from && each.value <= axis.to)
      .map((each) => label(each.text, each.value));
    if (text === '' || !['end', 'each'].includes(look.label.at)) return atEdges;
    // One beyond the axis is pointed at from its edge.
    if (value !== null && value > axis.to) return [label(`${text} ↑`, axis.to)];
    if (value !== null && value < axis.from) return [label(`${text} ↓`, axis.from)];
    if (value !== null) return [label(text, value)];
    if (filledBetween && edges) {
      const [low, high] = lastOf(edges);
      return low === null || high === null ? [] : [label(text, middleOn(axis, low, high))];
    }
    // Neighbours are named together, at the uppermost of them.
    const top = yardstick.levels.length === 0 ? bands.at(-1) : undefined;
    return top ? [label(text, middleOn(axis, top.from, top.to)), ...atEdges] : atEdges;
  });
  return [...lines, ...held];
}

/** The last edges of a band whose edges change; null where it has none. */
function lastOf({ low, high }: Edges) {
  const at = low.findLastIndex((value, place) => value !== null && (high[place] ?? null) !== null);
  return [low[at] ?? null, high[at] ?? null] as const;
}

/** The middle of what is seen of a band. */
const middleOn = (axis: ReadPanel['axis'], from: number, to: number) =>
  (Math.max(from, axis.from) + Math.min(to, axis.to)) / 2;

/** The later end of a slope: its value, the change, and the name. */
function atSlopeEnd(line: ReadSeries): Named {
  const { format, second } = line;
  const [before, after] = [line.figures[0] ?? null, line.figures[1] ?? 0];
  const change = isPercentage(format)
    ? before !== null && ` (${writeChange(after - before, before, format)})`
    : before && ` (${writeShare(after - before, before)})`;
  return {
    series: line,
    text: `${writeFigure(after, format)} ${line.name}${change || ''}`,
    value: after,
    second,
  };
}

/** The earlier end of a slope: the name and its value. */
function atStart({ series }: ReadPanel): Named[] {
  return series.flatMap((line) => {
    const value = line.figures[0] ?? null;
    return value === null
      ? []
      : [
          {
            series: line,
            value,
            second: line.second,
            text: `${line.name} ${writeFigure(value, line.format)}`,
          },
        ];
  });
}

function place(
  all: readonly Named[],
  placed: PlacedPanel,
  highlight: Highlight,
  across: Pick<EndLabel, 'left' | 'width' | 'before'>,
): { labels: EndLabel[]; leftOut: number } {
  const { geometry } = placed;
  const low = geometry.top - 20;
  const high = plotBottom(geometry) + gap;
  const height = all.length * heights.roomy <= high - low ? heights.roomy : heights.dense;
  // Where the panel is too low for all of them, they take what room the picture has, and no more.
  const fits = all.length * height <= high - low;
  const column = fits ? { from: Math.max(0, low), to: high } : { from: 0, to: geometry.height };
  const named = firstOf(all, Math.floor((column.to - column.from) / height), highlight);
  const centres = partLabels(
    named.map(({ value, second }) => ({
      wanted: toY(geometryOn(placed, second), value),
      height,
    })),
    column,
  );
  const labels = named.map(({ series, text, colour = null }, at) => ({
    series: series?.id ?? null,
    text,
    ...across,
    height,
    colour: series || !colour ? labelColour(series, highlight) : letteredIn(colour),
    top: (centres[at] ?? 0) - height / 2,
    strong:
      highlight.length === 0
        ? series?.role === 'actual' && !series.age && !series.greyed
        : isLit(highlight, series?.id),
  }));
  return { labels, leftOut: all.length - named.length };
}

/** As many names as have room: the highlighted line's, then actuals', then the rest in their order. */
function firstOf(all: readonly Named[], most: number, highlight: Highlight): readonly Named[] {
  if (all.length <= most) return all;
  const rank = ({ series }: Named) =>
    isLit(highlight, series?.id) ? 0 : series?.role === 'actual' ? 1 : 2;
  const kept = new Set([...all].sort((a, b) => rank(a) - rank(b)).slice(0, most));
  return all.filter((each) => kept.has(each));
}

function labelColour(series: ReadSeries | null, highlight: Highlight): string {
  if (!series) return page.accent;
  if (isAway(highlight, series.id)) return page.third;
  const { pieces, stroke } = series;
  const own = pieces.some(({ colour }) => colour === stroke.colour);
  const last = pieces.findLast(({ rule }) => rule !== null);
  return letteredIn((!own && last?.colour) || stroke.colour);
}
