import type { Layout, PlotData } from 'plotly.js';
import type { Note } from '../../contract';
import { axisFormat, axisValues, spreadLabels, writeFigure } from '../../core/labels';
import type { Reading, ReadSeries } from '../../core/reading';
import { lettered, page } from '../look';
import { type Geometry, type Measure, toY } from './geometry';
import { lineTraces } from './lines';
import {
  type Flown,
  flownBoxes,
  flownRow,
  flyPennants,
  pennantAnnotations,
  pennantShapes,
} from './pennants';
import { axes, scaleSize, staffShapes, tapeAnnotations, tapeShapes } from './scales';
import { standoutLabels, standoutTraces } from './standouts';
import { yardstickShapes } from './yardsticks';

/** A name at the end of a line, or the value of a yardstick. */
export interface EndLabel {
  /** the series it highlights; null for a yardstick */
  series: string | null;
  text: string;
  colour: string;
  top: number;
  height: number;
  strong: boolean;
}

/** A reading as a picture: what Plotly draws, and where things lie for what is laid over it. */
export interface Drawing {
  data: Partial<PlotData>[];
  layout: Partial<Layout>;
  geometry: Geometry;
  endLabels: EndLabel[];
  flown: Flown[];
}

/** How a picture is to be made. */
export interface DrawingOptions {
  width: number;
  height: number;
  /** the series that is emphasised, the others greyed */
  highlight: string | null;
  notes: readonly Note[];
  /** the least room at the left, where the figures beneath have their names */
  roomAtLeft?: number;
  measure: Measure;
}

/** Names at the ends are pressed too: WCAG 2.2 asks for targets of 24 pixels. */
const endLabelHeights = { roomy: 24, dense: 16 };
/** Narrower or lower than this, scales shrink to hairlines and labels say less. */
const compactBelow = { width: 640, height: 300 };

/** Turns a reading into a picture. Pure: the same reading and size give the same picture. */
export function drawChart(reading: Reading, options: DrawingOptions): Drawing {
  const { width, height, highlight, notes, measure } = options;
  const compact = width < compactBelow.width || height < compactBelow.height;
  const fontSize = compact ? 11 : 12;
  const size = scaleSize(compact);
  const inner = horizontal(reading, width, measure, fontSize, size.staff + size.gap);
  const across = { ...inner, left: Math.max(inner.left, options.roomAtLeft ?? 0) };
  const flown = flyPennants(reading, notes, across);
  const rows = flown.reduce((most, { level }) => Math.max(most, level + 1), 0);
  const geometry: Geometry = {
    ...across,
    height,
    top: Math.max(labelRoomAbove(reading), rows * flownRow + 4),
    bottom: size.tape + size.gap + 2 * fontSize + 12,
    yFrom: reading.axis.from,
    yTo: reading.axis.to,
  };
  const plotWidth = width - geometry.left - geometry.right;
  const layout: Partial<Layout> = {
    ...axes(reading, size, fontSize),
    width,
    height,
    margin: { l: geometry.left, r: geometry.right, t: geometry.top, b: geometry.bottom, pad: 0 },
    paper_bgcolor: 'rgba(0,0,0,0)',
    plot_bgcolor: 'rgba(0,0,0,0)',
    showlegend: false,
    hovermode: false,
    dragmode: false,
    font: { family: "'Archivo Variable', sans-serif", color: page.ink, size: fontSize },
    shapes: [
      ...staffShapes(reading, size),
      ...tapeShapes(reading, size, plotWidth),
      ...yardstickShapes(reading, size),
      ...pennantShapes(flown, reading),
    ],
    annotations: [
      ...tapeAnnotations(reading, size, plotWidth, fontSize),
      ...pennantAnnotations(flown, fontSize),
      // While one series is highlighted, labels of others would only distract.
      ...(highlight === null
        ? standoutLabels(reading, geometry, measure, compact, flownBoxes(flown, geometry))
        : []),
    ],
  };
  return {
    data: [
      ...lineTraces(reading, highlight),
      ...(highlight === null ? standoutTraces(reading) : []),
    ],
    layout,
    geometry,
    endLabels: endLabels(reading, geometry, highlight),
    flown,
  };
}

/** A label above the highest point needs room only when the point is near the top. */
function labelRoomAbove({ standouts, axis }: Reading): number {
  const near = standouts.some(({ figure }) => figure > axis.to - (axis.to - axis.from) * 0.1);
  return near ? 24 : 12;
}

/** Room at the left for the values, at the right for the names at the ends. */
function horizontal(
  reading: Reading,
  width: number,
  measure: Measure,
  fontSize: number,
  scale: number,
) {
  const values = axisValues(reading.axis).map((value) =>
    writeFigure(value, axisFormat(reading.axis, reading.format)),
  );
  const widest = Math.max(...values.map((text) => measure(text, fontSize, 400)));
  const names = endTexts(reading).map(({ text }) => measure(text, 12.5, 650));
  const most = Math.max(60, width * 0.28);
  return {
    width,
    left: Math.ceil(widest) + scale + 8,
    right: Math.min(Math.ceil(Math.max(8, ...names)) + 16, most),
    xFrom: reading.periods[0]?.start ?? 0,
    xTo: reading.periods.at(-1)?.next ?? 1,
  };
}

/** A lone series is named by the title; several are named at their ends. */
function endTexts(reading: Reading): { series: ReadSeries | null; text: string; value: number }[] {
  const drawn = reading.series.filter(({ last }) => last !== null);
  const named = drawn.length > 1 ? drawn : [];
  const levels = reading.yardsticks.flatMap((each) =>
    each.kind === 'line' &&
    each.value !== null &&
    each.value >= reading.axis.from &&
    each.value <= reading.axis.to
      ? [
          {
            series: null,
            text: `${each.name} ${writeFigure(each.value, reading.format)}`,
            value: each.value,
          },
        ]
      : [],
  );
  return [
    ...named.map((series) => ({
      series,
      text: series.name,
      value: series.figures[series.last ?? 0] ?? 0,
    })),
    ...levels,
  ];
}

function endLabels(reading: Reading, geometry: Geometry, highlight: string | null): EndLabel[] {
  const texts = endTexts(reading);
  const column = geometry.height - geometry.bottom + 8;
  const { roomy, dense } = endLabelHeights;
  const height = texts.length * roomy <= column ? roomy : dense;
  const centres = spreadLabels(
    texts.map(({ value }) => ({ wanted: toY(geometry, value), height })),
    { from: 0, to: Math.max(column, texts.length * height) },
  );
  return texts.map(({ series, text }, place) => ({
    series: series?.id ?? null,
    text,
    colour: labelColour(series, highlight),
    top: (centres[place] ?? 0) - height / 2,
    height,
    strong: highlight === null ? series?.role === 'actual' : series?.id === highlight,
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
