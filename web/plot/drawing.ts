import type { Layout, PlotData } from 'plotly.js';
import type { Note } from '../../contract';
import type { Reading, ReadPanel } from '../../core/reading';
import { page } from '../look';
import { axisDrawings } from './axes';
import { type EndLabel, endLabels, roomForNames } from './endLabels';
import type { Measure } from './geometry';
import { lineTraces } from './lines';
import { type PlacedPanel, type PanelRoom, placePanels, roomForValues } from './panels';
import {
  type Flown,
  flownBoxes,
  flownRow,
  flyPennants,
  notesOfPanel,
  pennantAnnotations,
  pennantShapes,
} from './pennants';
import { axesOf, partingShape, scaleSize, staffShapes } from './scales';
import { standoutLabels, standoutTraces } from './standouts';
import { yardstickShapes } from './yardsticks';

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
  /** panels are too small for a card beside the pointer */
  compact: boolean;
}

/** How a picture is to be made. */
export interface DrawingOptions {
  width: number;
  height: number;
  /** the line that is emphasised, the others greyed */
  highlight: string | null;
  notes: readonly Note[];
  /** the least room at the left, where the figures beneath have their names */
  roomAtLeft?: number;
  measure: Measure;
}

/** Narrower or lower than this, scales shrink to hairlines and labels say less. */
const compactBelow = { width: 640, height: 300 };
const titleHeight = 22;

/** Turns a reading into a picture. Pure: the same reading and size give the same picture. */
export function drawChart(reading: Reading, options: DrawingOptions): Drawing {
  const { width, height, highlight, notes, measure } = options;
  const several = reading.panels.length > 1;
  const tooSmall = width < compactBelow.width || height < compactBelow.height;
  const compact = tooSmall || (several && reading.shape !== 'stack');
  const fontSize = compact ? 11 : 12;
  const size = scaleSize(compact);
  const axis = axisDrawings[reading.axis];
  const names = roomForNames(reading, width, measure);
  const values = roomForValues(reading, measure, fontSize, axis);
  const across: Omit<PanelRoom, 'above'> = {
    ...{ width, height },
    left: Math.max(
      names.start,
      axis.staffed ? values + size.staff + size.gap : 0,
      options.roomAtLeft ?? 0,
    ),
    right: names.end,
    below: axis.height(size, fontSize),
    title: several ? titleHeight : 0,
  };
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
  const panels = placePanels(reading, { ...across, above }).map((each, at): DrawnPanel => ({
    ...each,
    flown: flying[at] ?? [],
    endLabels: endLabels(reading, each, { highlight, measure }),
  }));
  return {
    data: panels.flatMap((each) => [
      ...lineTraces(reading, each, highlight),
      ...(highlight === null ? standoutTraces(reading, each) : []),
    ]),
    layout: {
      ...Object.assign(
        {},
        ...panels.map((each) => axesOf(reading, each, size, { ...axis, fontSize })),
      ),
      ...{ width, height, margin: { l: 0, r: 0, t: 0, b: 0, pad: 0 } },
      ...{ paper_bgcolor: 'rgba(0,0,0,0)', plot_bgcolor: 'rgba(0,0,0,0)' },
      ...{ showlegend: false, hovermode: false, dragmode: false },
      font: { family: "'Archivo Variable', sans-serif", color: page.ink, size: fontSize },
      shapes: panels.flatMap((each) => [
        ...(axis.staffed && each.valued ? staffShapes(each, size) : []),
        ...(each.parted ? [partingShape(each)] : []),
        ...(each.taped ? axis.shapes(reading, each, size) : []),
        ...yardstickShapes(each, size),
        ...pennantShapes(reading, each),
      ]),
      annotations: panels.flatMap((each) => [
        ...(each.taped ? axis.labels(reading, each, size, fontSize) : []),
        ...pennantAnnotations(each, fontSize),
        // While one series is highlighted, labels of others would only distract.
        ...(highlight === null
          ? standoutLabels(reading, each, measure, compact, flownBoxes(each.flown, each.geometry))
          : []),
      ]),
    },
    panels,
    compact,
  };
}

/** A label above the highest point needs room only when the point is near the top. */
function labelRoomAbove({ standouts, axis }: ReadPanel): number {
  const near = standouts.some(({ figure }) => figure > axis.to - (axis.to - axis.from) * 0.1);
  return near ? 24 : 12;
}
