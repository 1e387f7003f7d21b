import type { Dash, PlotData } from 'plotly.js';
import type { Colour, Stroke } from '../../core/chart';
import type { Reading, ReadSeries } from '../../core/reading';
import { greyed, shades } from '../look';
import type { PlacedPanel } from './panels';
import { axisOf } from './scales';

type Traces = Partial<PlotData>[];

/** Lengths of dashes and gaps: the library takes them, though its types know only its own names. */
const dashes: Record<Stroke['dash'], string> = {
  solid: 'solid',
  dash: '5px,3px',
  dot: '2px,2.5px',
  longdash: '10px,4px',
};

/** Beside its colour, a stroke off the mark is heavier: colour alone carries no meaning. */
const heavierOff = 1.1;
/** How much of a stroke is seen where it is not finished, and where it leads over a gap. */
const lighter = { open: 0.45, bridged: 0.55 };
const bridgedWidth = 0.6;

/**
 * The lines of a panel, in the order they are drawn: what others are held against first, then the
 * rest, the highlighted one last.
 */
export function lineTraces(
  reading: Reading,
  placed: PlacedPanel,
  highlight: string | null,
): Traces {
  const order = { budget: 0, target: 0, other: 0, yearBefore: 0, forecast: 1, actual: 2 };
  // Of laid-over years the latest lies on top.
  const sorted = [...placed.panel.series].sort(
    (a, b) =>
      Number(a.id === highlight) - Number(b.id === highlight) ||
      order[a.role] - order[b.role] ||
      (b.age ?? 0) - (a.age ?? 0),
  );
  const { x: xaxis, y: yaxis } = axisOf(placed);
  return sorted
    .flatMap((series) => tracesOf(series, reading, placed, highlight))
    .map((trace) => ({ ...trace, xaxis, yaxis }));
}

interface Run {
  colour: Colour;
  open: boolean;
  bridged: boolean;
  off: boolean;
  x: (number | null)[];
  y: (number | null)[];
}

function tracesOf(
  series: ReadSeries,
  reading: Reading,
  placed: PlacedPanel,
  highlight: string | null,
): Traces {
  const away = highlight !== null && highlight !== series.id;
  const lit = highlight === series.id;
  const { stroke } = series;
  const lines = runsOf(series).map((run): Partial<PlotData> => ({
    type: 'scatter',
    mode: 'lines',
    name: series.name,
    x: run.x,
    y: run.y,
    opacity: run.open ? lighter.open : run.bridged ? lighter.bridged : 1,
    line: {
      color: away ? greyed : shades[run.colour],
      width:
        stroke.width * (run.bridged ? bridgedWidth : 1) +
        (lit ? 0.8 : 0) +
        (run.off && !away ? heavierOff : 0),
      dash: dashes[stroke.dash] as Dash,
      shape: 'linear',
    },
    connectgaps: false,
  }));
  return [...areaOf(series, placed, away), ...lines, ...pointsOf(series, reading, away, lit)];
}

/** The area beneath a line, down to zero or to where the axis begins. */
function areaOf(series: ReadSeries, { panel }: PlacedPanel, away: boolean): Traces {
  if (!series.filled) return [];
  const { from, to } = panel.axis;
  const floor = from > 0 ? from : to < 0 ? to : 0;
  return series.pieces
    .filter(({ x }) => x.length > 1)
    .map(({ x, y, colour, open }) => ({
      type: 'scatter',
      mode: 'none',
      name: series.name,
      x: [x[0] as number, ...x, x.at(-1) as number],
      y: [floor, ...y, floor],
      fill: 'toself',
      fillcolor: away ? greyed : shades[colour],
      opacity: open ? 0.06 : 0.14,
    }));
}

/** Pieces drawn alike share one trace, with a gap between them. */
function runsOf(series: ReadSeries): Run[] {
  const runs = new Map<string, Run>();
  for (const piece of series.pieces) {
    if (piece.x.length < 2) continue;
    const off = piece.judgement === 'off';
    const { colour, open, bridged } = piece;
    const key = `${colour} ${open} ${bridged} ${off}`;
    const run = runs.get(key) ?? { colour, open, bridged, off, x: [], y: [] };
    run.x.push(...piece.x, null);
    run.y.push(...piece.y, null);
    runs.set(key, run);
  }
  return [...runs.values()];
}

/** Points without neighbours; every point of the highlighted line, and of one that asks for them. */
function pointsOf(series: ReadSeries, { positions }: Reading, away: boolean, lit: boolean): Traces {
  const alone = series.pieces.filter(({ x }) => x.length === 1);
  const points = alone.map(({ x, y, colour, open }) => ({ x: x[0], y: y[0], colour, open }));
  if (series.points || (lit && positions.length <= 60)) {
    series.figures.forEach((figure, place) => {
      if (figure === null) return;
      const x = positions[place]?.middle;
      const rule = series.pieces.find((piece) => piece.x.includes(x ?? NaN));
      const open = !!series.open[place];
      points.push({ x, y: figure, colour: rule?.colour ?? series.stroke.colour, open });
    });
  }
  if (points.length === 0) return [];
  return [
    {
      type: 'scatter',
      mode: 'markers',
      name: series.name,
      x: points.map(({ x }) => x ?? null),
      y: points.map(({ y }) => y ?? null),
      marker: {
        size: 5.5,
        color: points.map(({ colour }) => (away ? greyed : shades[colour])),
        opacity: points.map(({ open }) => (open ? lighter.open : 1)),
        line: { width: 0 },
      },
    },
  ];
}
