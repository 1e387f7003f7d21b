import type { Dash, PlotData } from 'plotly.js';
import type { Stroke } from '../../core/chart';
import type { Reading, ReadSeries } from '../../core/reading';
import { greyed, shadeOf } from '../look';
import { barsOf } from './bars';
import { dashes } from './dashes';
import type { PlacedPanel } from './panels';
import { pointsOf, readingsOf } from './points';
import { type Geometry, plotWidth } from './geometry';
import { axisOf } from './scales';
import { colourOf, lighter } from './strokeLook';
import { thin, thinnedFrom } from './thin';
import { type Highlight, isAway, isLit } from './highlight';

type Traces = Partial<PlotData>[];

/** How much more weight a stroke has that is told apart by it: colour alone carries no meaning. */
const moreWeight = 1.1;
const bridgedWidth = 0.6;

/**
 * The lines of a panel, in the order they are drawn: what others are held against first, then the
 * rest, the highlighted one last.
 * @param allAway a period is highlighted: its points alone keep their colours
 */
export function lineTraces(
  reading: Reading,
  placed: PlacedPanel,
  highlight: Highlight,
  allAway: boolean,
): Traces {
  const order = { budget: 0, target: 0, other: 0, yearBefore: 0, forecast: 1, actual: 2 };
  // Of laid-over years the latest lies on top.
  const sorted = [...placed.panel.series].sort(
    (a, b) =>
      Number(isLit(highlight, a.id)) - Number(isLit(highlight, b.id)) ||
      Number(a.inInk) - Number(b.inInk) ||
      order[a.role] - order[b.role] ||
      (b.age ?? 0) - (a.age ?? 0),
  );
  const { x: xaxis, y, y2 } = axisOf(placed);
  return sorted.flatMap((series) =>
    tracesOf(series, reading, placed, allAway ? null : highlight).map((trace) => ({
      ...trace,
      xaxis,
      yaxis: series.second ? y2 : y,
    })),
  );
}

interface Run extends Stroke {
  shade: number | null;
  open: boolean;
  bridged: boolean;
  heavier: boolean;
  x: (number | null)[];
  y: (number | null)[];
}

function tracesOf(
  series: ReadSeries,
  reading: Reading,
  placed: PlacedPanel,
  /** null: no line is */
  highlight: Highlight | null,
): Traces {
  const away = highlight === null || isAway(highlight, series.id);
  const lit = highlight !== null && isLit(highlight, series.id);
  if (series.shape === 'bars') return barsOf(series, reading, away);
  const lines = runsOf(series, placed.geometry).map((run): Partial<PlotData> => ({
    type: 'scatter',
    mode: 'lines',
    name: series.name,
    x: run.x,
    y: run.y,
    opacity: run.open ? lighter.open : run.bridged ? lighter.bridged : 1,
    line: {
      color: away ? greyed : colourOf(run, series),
      width:
        run.width * (run.bridged ? bridgedWidth : 1) +
        (lit ? 0.8 : 0) +
        (run.heavier && !away ? moreWeight : 0),
      dash: dashes[run.dash] as Dash,
      shape: 'linear',
    },
    connectgaps: false,
  }));
  return [
    ...readingsOf(series, away),
    ...areaOf(series, placed, away),
    ...fillsOf(series, away),
    ...paceOf(series, reading, away),
    ...lines,
    ...pointsOf(series, reading, away, lit),
  ];
}

/** The area beneath a line, down to zero or to where the axis begins. */
function areaOf(series: ReadSeries, { panel }: PlacedPanel, away: boolean): Traces {
  if (!series.filled) return [];
  const { from, to } = (series.second && panel.second) || panel.axis;
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
      fillcolor: away ? greyed : shadeOf(colour),
      opacity: open ? 0.06 : 0.14,
    }));
}

/** What is needed in each period that is left, as a faint dotted level; only when it is asked for. */
function paceOf(
  { pace, paceDrawn, name, stroke }: ReadSeries,
  reading: Reading,
  away: boolean,
): Traces {
  const needed = pace?.neededPerPeriodLeft ?? null;
  if (!pace || !paceDrawn || needed === null) return [];
  const [first, last] = [reading.positions[pace.from], reading.positions[pace.to]];
  return [
    {
      type: 'scatter',
      mode: 'lines',
      name,
      opacity: 0.6,
      x: [first?.next ?? 0, last?.next ?? 0],
      y: [needed, needed],
      line: { color: away ? greyed : shadeOf(stroke.colour), width: 1.6, dash: '1px,4px' as Dash },
    },
  ];
}

/** The fill that a rule gives between the line and what it is measured against. */
function fillsOf({ pieces, name }: ReadSeries, away: boolean): Traces {
  return pieces.flatMap(({ x, y, fillTo, fill }): Traces => {
    if (!fillTo || !fill || x.length < 2) return [];
    return [
      {
        type: 'scatter',
        mode: 'none',
        name,
        fill: 'toself',
        x: [...x, ...[...x].reverse()],
        y: [...y, ...[...fillTo].reverse()],
        fillcolor: away ? greyed : shadeOf(fill),
        opacity: 0.28,
      },
    ];
  });
}

/** Pieces drawn alike share one trace, with a gap between them. */
function runsOf(series: ReadSeries, geometry: Geometry): Run[] {
  const perUnit = plotWidth(geometry) / (geometry.xTo - geometry.xFrom);
  const runs = new Map<string, Run>();
  for (const piece of series.pieces) {
    if (piece.x.length < 2) continue;
    const { colour, shade, dash, width, open, bridged, heavier } = piece;
    const key = `${colour} ${shade} ${dash} ${width} ${open} ${bridged} ${heavier}`;
    const drawn = { colour, shade, dash, width, open, bridged, heavier };
    const run = runs.get(key) ?? { ...drawn, x: [], y: [] };
    const long = piece.x.length >= thinnedFrom;
    const { x, y } = long ? thin(piece.x, piece.y, perUnit) : piece;
    run.x.push(...x, null);
    run.y.push(...y, null);
    runs.set(key, run);
  }
  return [...runs.values()];
}
