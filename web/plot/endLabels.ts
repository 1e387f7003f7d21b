import { spreadLabels, writeDifference, writeFigure } from '../../core/labels';
import { linesOf, type Reading, type ReadPanel, type ReadSeries } from '../../core/reading';
import { lettered, page } from '../look';
import { plotBottom, type Measure, toX, toY } from './geometry';
import type { PlacedPanel } from './panels';

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
}

/** Names at the ends are pressed too: WCAG 2.2 asks for targets of 24 pixels. */
const heights = { roomy: 24, dense: 16 };
const fontSize = 12.5;
const gap = 8;

/** Room beside the panels for the names at the ends of their lines, in pixels. */
export function roomForNames(reading: Reading, width: number, measure: Measure) {
  const widest = (named: Named[]) =>
    Math.ceil(Math.max(gap, ...named.map(({ text }) => measure(text, fontSize, 650)))) + 16;
  const ends = reading.axis === 'ends';
  const most = { start: width * 0.36, end: Math.max(60, width * (ends ? 0.46 : 0.28)) };
  const all = reading.panels.flatMap((panel) => atEnd(reading, panel));
  const start = ends ? widest(reading.panels.flatMap((each) => atStart(reading, each))) : 0;
  return { start: Math.min(start, most.start), end: Math.min(widest(all), most.end) };
}

/** The labels beside a panel, moved apart where they would touch. */
export function endLabels(
  reading: Reading,
  placed: PlacedPanel,
  { highlight, measure }: { highlight: string | null; measure: Measure },
): EndLabel[] {
  if (!placed.named) return [];
  const { geometry, panel } = placed;
  const right = toX(geometry, geometry.xTo) + gap;
  const end = place(atEnd(reading, panel), placed, highlight, {
    ...{ left: right, width: geometry.width - right - 2, before: false },
  });
  if (reading.axis !== 'ends') return end;
  const first = toX(geometry, reading.positions[0]?.middle ?? 0) - gap;
  const second = toX(geometry, reading.positions[1]?.middle ?? 0) + gap;
  const widest = (named: Named[]) =>
    Math.max(0, ...named.map(({ text }) => measure(text, fontSize, 650))) + 12;
  const [starts, ends] = [atStart(reading, panel), atEnd(reading, panel)];
  const startWidth = Math.min(first - 2, widest(starts));
  return [
    ...place(starts, placed, highlight, {
      ...{ left: first - startWidth, width: startWidth, before: true },
    }),
    ...place(ends, placed, highlight, {
      left: second,
      width: Math.min(geometry.width - second - 2, widest(ends)),
      before: false,
    }),
  ];
}

/** A lone series is named by the title; several are named at their ends. */
function atEnd(reading: Reading, { series, yardsticks, axis }: ReadPanel): Named[] {
  const drawn = series.filter(({ last }) => last !== null);
  const several = drawn.length > 1 || linesOf(reading).length > reading.panels.length;
  const panels = reading.panels.length > 1;
  const lines = drawn.flatMap((line): Named[] => {
    const value = line.figures[line.last as number] ?? 0;
    if (reading.axis === 'ends') return line.last === 1 ? [atSlopeEnd(reading, line)] : [];
    return several ? [{ series: line, text: panels ? line.seriesName : line.name, value }] : [];
  });
  const onAxis = (value: number) => value >= axis.from && value <= axis.to;
  const held = yardsticks.flatMap(({ kind, name, value, bands }): Named[] => {
    const label = (text: string, at: number) => ({ series: null, text, value: at });
    if (value !== null)
      return onAxis(value) ? [label(`${name} ${writeFigure(value, reading.format)}`, value)] : [];
    // Steps would need a label each; what they are, the list says.
    return kind === 'band'
      ? bands.map(({ from, to }) => label(name, middleOn(axis, from, to)))
      : [];
  });
  return [...lines, ...held];
}

/** The middle of what is seen of a band. */
const middleOn = (axis: ReadPanel['axis'], from: number, to: number) =>
  (Math.max(from, axis.from) + Math.min(to, axis.to)) / 2;

/** The later end of a slope: its value, the change, and the name. */
function atSlopeEnd({ format }: Reading, line: ReadSeries): Named {
  const [before, after] = [line.figures[0] ?? null, line.figures[1] ?? 0];
  const change =
    before === null || before === 0
      ? ''
      : ` (${writeDifference((100 * (after - before)) / Math.abs(before), percent)}%)`;
  return {
    series: line,
    text: `${writeFigure(after, format)} ${line.name}${change}`,
    value: after,
  };
}

const percent = { divisor: 1, suffix: '', decimals: 1 };

/** The earlier end of a slope: the name and its value. */
function atStart({ format }: Reading, { series }: ReadPanel): Named[] {
  return series.flatMap((line) => {
    const value = line.figures[0] ?? null;
    return value === null
      ? []
      : [{ series: line, text: `${line.name} ${writeFigure(value, format)}`, value }];
  });
}

function place(
  named: readonly Named[],
  { geometry }: PlacedPanel,
  highlight: string | null,
  across: Pick<EndLabel, 'left' | 'width' | 'before'>,
): EndLabel[] {
  const from = Math.max(0, geometry.top - 20);
  const room = plotBottom(geometry) + gap - from;
  const height = named.length * heights.roomy <= room ? heights.roomy : heights.dense;
  const centres = spreadLabels(
    named.map(({ value }) => ({ wanted: toY(geometry, value), height })),
    { from, to: from + Math.max(room, named.length * height) },
  );
  return named.map(({ series, text }, at) => ({
    ...{ series: series?.id ?? null, text, ...across, height },
    colour: labelColour(series, highlight),
    top: (centres[at] ?? 0) - height / 2,
    strong:
      highlight === null ? series?.role === 'actual' && !series.age : series?.id === highlight,
  }));
}

function labelColour(series: ReadSeries | null, highlight: string | null): string {
  if (!series) return page.accent;
  if (highlight !== null && highlight !== series.id) return page.third;
  const last = series.comparison?.caughtBy.length
    ? series.pieces.findLast(({ judgement }) => judgement)
    : undefined;
  return lettered[last?.colour ?? series.stroke.colour];
}
