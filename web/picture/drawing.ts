import type { Layout, PlotData } from 'plotly.js';
import type { Reading } from '../../core/reading';
import { page, tintOf } from '../look';
import { axisOfReading } from './axes';
import { dateLines } from './dateLines';
import {
  type DrawingOptions,
  type DrawnWith,
  type Emphasised,
  isAnyLit,
  pointLabelSize,
} from './drawingOptions';
import { pennantAnnotations } from './flownWords';
import { type DrawnPanel, layPanels, type Laid } from './layPanels';
import type { LegendEntry } from './legend';
import { hairline, leaders, pointAnnotations, yardstickAnnotations } from './letters';
import { lineTraces } from './lines';
import { litPoints } from './litPeriod';
import { pennantShapes } from './pennants';
import { axesOf, axisTitles, partingShape, scaleSize, staffShapes } from './scales';
import { standoutTraces } from './standouts';
import { type TextSizes, textSizes } from './textSizes';
import { yardstickShapes } from './yardsticks';

export { headlineSize } from './layPanels';
export type { DrawnPanel };

/** A reading as a picture: what Plotly draws, and where things lie for what is laid over it. */
export interface Drawing {
  data: Partial<PlotData>[];
  layout: Partial<Layout>;
  panels: DrawnPanel[];
  legend: LegendEntry[];
  /** how many names and labels found no room, and are not drawn */
  leftOut: number;
  /** how many panels found none */
  undrawn: number;
  sizes: TextSizes;
  /** panels are too small for a card beside the pointer */
  compact: boolean;
}

/** Narrower or lower than this, scales shrink to hairlines and labels say less. */
const compactBelow = { width: 640, height: 300 };

/**
 * Turns a reading into a picture. Pure: the same reading and size give the same picture.
 * @param options the size in pixels, how text is measured, and what is highlighted
 */
export function drawChart(reading: Reading, options: DrawingOptions): Drawing {
  const { width, height } = options;
  const tooSmall = width < compactBelow.width || height < compactBelow.height;
  const compact = tooSmall || (reading.panels.length > 1 && reading.shape !== 'stack');
  const drawn = {
    axis: axisOfReading(reading),
    sizes: textSizes(reading.look, compact),
    size: scaleSize(compact),
    compact,
  };
  const laid = layPanels(reading, options, drawn);
  const { panels, legend, leftOut, undrawn } = laid;
  const { ground } = reading.look.sheet;
  return {
    data: panels.flatMap((each) => tracesOf(reading, each, options)),
    layout: {
      ...layoutOf(reading, options, drawn, laid),
      width,
      height,
      margin: { l: 0, r: 0, t: 0, b: 0, pad: 0 },
      paper_bgcolor: ground ? tintOf(ground) : 'rgba(0,0,0,0)',
      plot_bgcolor: 'rgba(0,0,0,0)',
      showlegend: false,
      hovermode: false,
      dragmode: false,
      barmode: 'overlay',
      font: {
        family: "'Archivo Variable', sans-serif",
        color: page.ink,
        size: drawn.sizes.scale,
      },
    },
    panels,
    legend,
    leftOut,
    undrawn,
    sizes: drawn.sizes,
    compact,
  };
}

function tracesOf(reading: Reading, placed: DrawnPanel, emphasised: Emphasised) {
  const { highlight, litPeriod = null } = emphasised;
  return [
    ...dateLines(placed),
    ...lineTraces(reading, placed, highlight, litPeriod !== null),
    ...(litPeriod === null ? [] : litPoints(reading, placed, highlight, litPeriod)),
    ...(isAnyLit(emphasised) ? [] : standoutTraces(reading, placed)),
  ];
}

/** The axes, and all that is not a line: shapes, words. */
function layoutOf(
  reading: Reading,
  picture: DrawingOptions,
  { axis, sizes: { scale: fontSize }, size, compact, sizes }: DrawnWith,
  { panels, across }: Laid,
): Partial<Layout> {
  const { shown } = reading.look;
  const pointSize = pointLabelSize({ sizes, compact });
  return {
    ...Object.assign(
      {},
      ...panels.map((each) => axesOf(reading, each, size, { ...axis, fontSize })),
    ),
    shapes: panels.flatMap((each) => [
      ...(axis.staffed && shown.scales ? staffShapes(each, size) : []),
      ...partingShape(reading, each),
      ...(each.taped && (shown.scales || !axis.staffed) ? axis.shapes(reading, each, size) : []),
      ...yardstickShapes(each, size, reading.positions),
      ...pennantShapes(reading, each),
      ...leaders(picture, each.pointLabels),
      ...each.endLabels.flatMap(({ from, left, width, top, height, before }) =>
        from
          ? [
              hairline(picture, from, {
                x: before ? left + width + 2 : left - 2,
                y: top + height / 2,
              }),
            ]
          : [],
      ),
    ]),
    annotations: panels.flatMap((each) => [
      ...(each.taped && shown.dates ? axis.labels(reading, each, size, fontSize) : []),
      ...(axis.staffed ? axisTitles(reading, each, across, fontSize) : []),
      ...yardstickAnnotations(picture, each.yardstickLetters, fontSize),
      ...pennantAnnotations(each, fontSize),
      ...pointAnnotations(picture, each.pointLabels, pointSize),
    ]),
  };
}

const counted = (count: number, one: string, several: string) =>
  count === 0 ? '' : `; ${count} ${count === 1 ? `${one} has` : `${several} have`} no room here`;

/** How many labels and panels found no room, as said after what is drawn; empty when all have theirs. */
export const sayLeftOut = ({ leftOut, undrawn }: Pick<Drawing, 'leftOut' | 'undrawn'>): string =>
  counted(leftOut, 'label', 'labels') + counted(undrawn, 'panel', 'panels');
