import type { Reading } from '../../core/reading';
import { type DrawingOptions, type DrawnWith, isAnyLit, pointLabelSize } from './drawingOptions';
import { type EndLabel, endLabels, roomForNames } from './endLabels';
import { type Box, type Measure, plotWidth, toX } from './geometry';
import { layLegend, type LegendEntry } from './legend';
import {
  type InkMap,
  inkOfPanel,
  insetFor,
  type Lettering,
  mapInk,
  noInset,
  type PointLabel,
  pointLabels,
  widened,
  type YardstickLetter,
  yardstickLetters,
} from './letters';
import {
  type Inset,
  type PanelRoom,
  type PlacedPanel,
  panelsWithRoom,
  placePanels,
  roomForValues,
  titleWidth,
} from './panels';
import { type Flown, flownRow, flyPennants, notesOfPanel } from './pennants';

/** A panel as it is drawn, with what is laid over it. */
export interface DrawnPanel extends PlacedPanel {
  endLabels: EndLabel[];
  pointLabels: PointLabel[];
  yardstickLetters: YardstickLetter[];
  flown: Flown[];
}

/** The panels of a picture in their places, with all that is written in them. */
export interface Laid {
  panels: DrawnPanel[];
  legend: LegendEntry[];
  leftOut: number;
  /** how many panels found no room */
  undrawn: number;
  /** the room around the panels, in pixels */
  across: Pick<PanelRoom, 'left' | 'second' | 'below'>;
}

/** How high a panel's title is, of the size of its letters. */
const titleLine = 1.76;

/** Above the panels, so that no stroke at their top is cut, in pixels. */
const headroom = 8;

/** Lays out the panels of a reading: first what stands around them, then what is written in them. */
export function layPanels(all: Reading, options: DrawingOptions, drawn: DrawnWith): Laid {
  const { width, height, highlight, notes, measure, roomAtLeft = 0 } = options;
  const { axis, size, sizes } = drawn;
  const fontSize = sizes.scale;
  const names = roomForNames(all, width, measure);
  const values = (which: 'first' | 'second') =>
    axis.staffed ? roomForValues(all, which, size, measure, fontSize) : 0;
  const legend = layLegend(all, { width, height }, measure);
  const { shown, titles } = all.look;
  const beside = {
    width,
    height,
    left: Math.max(headlineRoom(all, width, measure), names.start, values('first'), roomAtLeft),
    right: names.end,
    legend: legend.height,
    second: values('second'),
    title: all.panels.length > 1 ? Math.round(sizes.name * titleLine) : 0,
    inset: noInset,
  };
  const [narrow] = placePanels(all, { ...beside, above: [], below: 0 });
  const plot = narrow ? plotWidth(narrow.geometry) : width;
  const beneath = shown.scales ? size.tape + size.gap + 2 : 4;
  const below =
    (shown.dates ? axis.height(size, fontSize, all, plot) : beneath) +
    (axis.staffed && titles.along !== '' ? titleWidth : 0);
  const across = { ...beside, below };
  const withRoom = panelsWithRoom(all, { ...across, above: [headroom] });
  const reading = { ...all, panels: all.panels.slice(0, withRoom) };
  const fly = (placed: PlacedPanel, at: number) =>
    flyPennants(reading, placed, {
      notes: notesOfPanel(notes, reading, placed.panel),
      worded: at === 0,
      wide: (text) => measure(text, fontSize, 700),
    });
  const place = (inset: Inset) => {
    // What flies above the panels decides how much room they leave there; how much there is decides in
    // how many columns they stand, and with it what flies.
    let above: number[] = [];
    for (let turn = 0; ; turn += 1) {
      const placed = placePanels(reading, { ...across, inset, above });
      const flying = placed.map(fly);
      const wanted = flying.map(({ flown }) => roomForFlown(flown));
      if (turn > 0 && (turn === 3 || wanted.every((room, at) => room <= (above[at] ?? 0))))
        return placed.map((each, at) => ({
          ...each,
          flown: flying[at]?.flown ?? [],
          unflown: flying[at]?.leftOut ?? 0,
        }));
      above = wanted;
    }
  };
  const lettering = { measure, size: pointLabelSize(drawn), compact: drawn.compact };
  const written = writePanels(reading, place, { lettering, fontSize, lit: isAnyLit(options) });
  const panels = written.map((each) => {
    const { labels, leftOut } = endLabels(reading, each, {
      highlight,
      measure,
      size: sizes.name,
      secondRoom: each.secondValued ? beside.second : 0,
    });
    return { ...each, endLabels: labels, leftOut: each.leftOut + each.unflown + leftOut };
  });
  return {
    panels,
    legend: legend.entries,
    undrawn: all.panels.length - panels.length,
    leftOut: panels.reduce((sum, each) => sum + each.leftOut, legend.leftOut),
    across,
  };
}

/** The room above a panel for what flies there, in pixels. */
const roomForFlown = (flown: readonly Flown[]) =>
  Math.max(headroom, Math.max(0, ...flown.map(({ level }) => level + 1)) * flownRow + 4);

type Placed = PlacedPanel & { flown: Flown[]; unflown: number };

interface Writing {
  lettering: Lettering;
  /** the size of what is written at yardsticks, in pixels */
  fontSize: number;
  /** something is highlighted: points have no labels */
  lit: boolean;
}

/** How often panels are laid anew to make room for labels: for the only one as often as it takes. */
const mostTries = ({ length }: readonly unknown[]) => (length > 24 ? 0 : length > 1 ? 3 : 12);

/** Writes the labels within the panels, with as much room at their edges as they need. */
function writePanels(reading: Reading, place: (inset: Inset) => Placed[], writing: Writing) {
  const { lettering, lit } = writing;
  const bare = place(noInset);
  const labelled = !lit && reading.axis !== 'ends';
  let inset = labelled ? insetFor(reading, bare, lettering) : noInset;
  let best = null;
  const tried = mostTries(bare.flatMap(({ panel }) => panel.standouts));
  for (let tries = 0; ; tries += 1) {
    const placed = place(inset);
    const panels = placed.map((each) => writeIn(reading, each, writing));
    const without = panels.flatMap(({ unlabelled }) => unlabelled);
    if (!best || without.length < best.without) best = { panels, without: without.length };
    if (without.length === 0 || tries === tried) return best.panels;
    inset = widened(inset, bare, new Set(without.map(({ side }) => side)), lettering);
  }
}

/** Writes the labels of one panel: those at points first, then those of its yardsticks. */
function writeIn(reading: Reading, placed: Placed, { lettering, fontSize, lit }: Writing) {
  const { geometry } = placed;
  const { left, right, top, bottom, width, height } = geometry;
  const ends = reading.axis === 'ends' ? reading.positions : [];
  const [from, to] = [ends[0], ends[1]].map((end) => end && toX(geometry, end.middle));
  const plot = { left: from ?? left, right: to ?? width - right, top, bottom: height - bottom };
  let map: InkMap | null = null;
  const way = {
    within: plot,
    taken: [] as Box[],
    // Most panels have nothing to be kept clear of strokes.
    get ink() {
      return (map ??= mapInk(plot, inkOfPanel(reading, placed)));
    },
  };
  // The names at the ends of a slope have the values of its points.
  const points =
    lit || reading.axis === 'ends' || placed.panel.standouts.length === 0
      ? { labels: [], leftOut: [] }
      : pointLabels(reading, placed, lettering, way);
  const held = yardstickLetters(placed, { ...lettering, size: fontSize }, way);
  return {
    ...placed,
    pointLabels: points.labels,
    yardstickLetters: held.letters,
    unlabelled: points.leftOut,
    leftOut: points.leftOut.length + held.leftOut,
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
