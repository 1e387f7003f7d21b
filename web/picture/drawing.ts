import type { Layout, PlotData } from 'plotly.js';
import type { Note } from '../../contract';
import type { Reading, ReadPanel } from '../../core/reading';
import { page } from '../look';
import { axisOfReading } from './axes';
import { dateLines } from './dateLines';
import { type EndLabel, endLabels, roomForNames } from './endLabels';
import { pennantAnnotations } from './flownWords';
import { type Measure, plotWidth } from './geometry';
import { layLegend, type LegendEntry } from './legend';
import { lineTraces } from './lines';
import { type PlacedPanel, type PanelRoom, placePanels, roomForValues } from './panels';
import {
  type Flown,
  flownBoxes,
  flownRow,
  flyPennants,
  notesOfPanel,
  pennantShapes,
} from './pennants';
import { axesOf, axisTitles, partingShape, scaleSize, staffShapes } from './scales';
import { standoutLabels, standoutTraces } from './standouts';
import { type TextSizes, textSizes } from './textSizes';
import { yardstickLabels, yardstickShapes } from './yardsticks';
import { type Highlight } from './highlight';
import { litPoints } from './litPeriod';

/** A panel as it is drawn, with what is laid over it. */
export interface DrawnPanel extends PlacedPanel {
  endLabels: EndLabel[];
  flown: Flown[];
}

/** A reading as a picture: what Plotly draws, and where things lie for what is laid over it. */
export interface Drawing {
  data: Partial<PlotData>[];
  layout: Partial<Layout>;
  panels: DrawnPanel[];
  legend: LegendEntry[];
  /** how many names and labels found no room, and are not drawn */
  leftOut: number;
  sizes: TextSizes;
  /** panels are too small for a card beside the pointer */
  compact: boolean;
}

/** How a picture is to be made. */
export interface DrawingOptions {
  width: number;
  height: number;
  /** the lines that are emphasised, the others greyed */
  highlight: Highlight;
  /** the place of the period that is emphasised, all others greyed; missing or null: none is */
  litPeriod?: number | null;
  notes: readonly Note[];
  /** the least room at the left, where the figures beneath have their names */
  roomAtLeft?: number;
  measure: Measure;
}

/** Narrower or lower than this, scales shrink to hairlines and labels say less. */
const compactBelow = { width: 640, height: 300 };
const titleHeight = 22;

/**
 * Turns a reading into a picture. Pure: the same reading and size give the same picture.
 * @param options the size in pixels, how text is measured, and what is highlighted
 */
export function drawChart(reading: Reading, options: DrawingOptions): Drawing {
  const { width, height, highlight, notes, measure, litPeriod = null } = options;
  const isAnyLit = highlight.length > 0 || litPeriod !== null;
  const several = reading.panels.length > 1;
  const tooSmall = width < compactBelow.width || height < compactBelow.height;
  const compact = tooSmall || (several && reading.shape !== 'stack');
  const sizes = textSizes(reading.look, compact);
  const fontSize = sizes.scale;
  const size = scaleSize(compact);
  const axis = axisOfReading(reading);
  const names = roomForNames(reading, width, measure);
  const values = (which: 'first' | 'second') =>
    axis.staffed ? roomForValues(reading, which, size, measure, fontSize) : 0;
  const legend = layLegend(reading, { width, height }, measure);
  const { shown } = reading.look;
  const beside: Omit<PanelRoom, 'above' | 'below'> = {
    width,
    height,
    left: Math.max(
      headlineRoom(reading, width, measure),
      names.start,
      values('first'),
      options.roomAtLeft ?? 0,
    ),
    right: names.end,
    legend: legend.height,
    second: values('second'),
    title: several ? titleHeight : 0,
  };
  const [narrow] = placePanels(reading, { ...beside, above: [], below: 0 });
  const plot = narrow ? plotWidth(narrow.geometry) : width;
  const beneath = shown.scales ? size.tape + size.gap + 2 : 4;
  const below = shown.dates ? axis.height(size, fontSize, reading, plot) : beneath;
  const across = { ...beside, below };
  const flownAt = (placed: PlacedPanel, first: boolean) =>
    flyPennants(reading, placed, notesOfPanel(notes, reading, placed.panel), first);
  // What flies above the panels decides how much room they leave there.
  const flying = placePanels(reading, { ...across, above: [] }).map((placed, at) =>
    flownAt(placed, at === 0),
  );
  const above = reading.panels.map((panel, at) => {
    const rows = Math.max(0, ...(flying[at] ?? []).map(({ level }) => level + 1));
    return Math.max(labelRoomAbove(panel), rows * flownRow + 4);
  });
  let { leftOut } = legend;
  const counted = <T>({ labels, leftOut: without }: { labels: T[]; leftOut: number }): T[] => {
    leftOut += without;
    return labels;
  };
  const panels = placePanels(reading, { ...across, above }).map((each, at): DrawnPanel => ({
    ...each,
    flown: flying[at] ?? [],
    endLabels: counted(
      endLabels(reading, each, {
        highlight,
        measure,
        size: sizes.name,
        secondRoom: each.secondValued ? across.second : 0,
      }),
    ),
  }));
  return {
    data: panels.flatMap((each) => [
      ...dateLines(each),
      ...lineTraces(reading, each, highlight, litPeriod !== null),
      ...(litPeriod === null ? [] : litPoints(reading, each, highlight, litPeriod)),
      ...(isAnyLit ? [] : standoutTraces(reading, each)),
    ]),
    layout: {
      ...Object.assign(
        {},
        ...panels.map((each) => axesOf(reading, each, size, { ...axis, fontSize })),
      ),
      width,
      height,
      margin: { l: 0, r: 0, t: 0, b: 0, pad: 0 },
      paper_bgcolor: 'rgba(0,0,0,0)',
      plot_bgcolor: 'rgba(0,0,0,0)',
      showlegend: false,
      hovermode: false,
      dragmode: false,
      barmode: 'overlay',
      font: { family: "'Archivo Variable', sans-serif", color: page.ink, size: fontSize },
      shapes: panels.flatMap((each) => [
        ...(axis.staffed && shown.scales ? staffShapes(each, size) : []),
        ...(each.parted ? [partingShape(each)] : []),
        ...(each.taped && (shown.scales || !axis.staffed) ? axis.shapes(reading, each, size) : []),
        ...yardstickShapes(each, size, reading.positions),
        ...pennantShapes(reading, each),
      ]),
      annotations: panels.flatMap((each) => [
        ...(each.taped && shown.dates ? axis.labels(reading, each, size, fontSize) : []),
        ...(axis.staffed ? axisTitles(reading, each, across, fontSize) : []),
        ...yardstickLabels(each, fontSize),
        ...pennantAnnotations(each, fontSize),
        // While something is highlighted, labels of others would only distract.
        ...(isAnyLit
          ? []
          : counted(
              standoutLabels(reading, each, {
                measure,
                compact,
                size: sizes.name - (compact ? 1 : 0),
                taken: flownBoxes(each.flown, each.geometry),
              }),
            )),
      ]),
    },
    panels,
    legend: legend.entries,
    leftOut,
    sizes,
    compact,
  };
}

/** The size of the lettering of a headline figure, in pixels. */
export const headlineSize = 34;

/** The room at the left that a headline figure takes, in pixels. */
function headlineRoom({ headline }: Reading, width: number, measure: Measure): number {
  if (!headline) return 0;
  const widest = Math.max(
    measure(headline.figure, headlineSize, 700),
    measure(headline.difference, 13, 500),
    measure(headline.period, 13, 450),
  );
  return Math.min(width * 0.62, Math.ceil(widest) + 22);
}

/** A label above the highest point needs room only when the point is near the top. */
function labelRoomAbove({ standouts, axis }: ReadPanel): number {
  const near = standouts.some(({ figure }) => figure > axis.to - (axis.to - axis.from) * 0.1);
  return near ? 24 : 12;
}

/** How many labels found no room, as said after what is drawn; empty when all have theirs. */
export const sayLeftOut = ({ leftOut }: Pick<Drawing, 'leftOut'>): string =>
  leftOut === 0 ? '' : `; ${leftOut} ${leftOut === 1 ? 'label has' : 'labels have'} no room here`;
