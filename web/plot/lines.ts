import type { Dash, PlotData } from 'plotly.js';
import type { Colour, Stroke } from '../../core/chart';
import type { Reading, ReadSeries } from '../../core/reading';
import { greyed, shades } from '../look';

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

/**
 * The lines of all series, in the order they are drawn: what others are held against first, then
 * the rest, the highlighted one last.
 */
export function lineTraces(reading: Reading, highlight: string | null): Traces {
  const order = { budget: 0, target: 0, other: 0, yearBefore: 0, forecast: 1, actual: 2 };
  const sorted = [...reading.series].sort(
    (a, b) =>
      Number(a.id === highlight) - Number(b.id === highlight) || order[a.role] - order[b.role],
  );
  return sorted.flatMap((series) => tracesOf(series, reading, highlight));
}

interface Run {
  colour: Colour;
  open: boolean;
  off: boolean;
  x: (number | null)[];
  y: (number | null)[];
}

function tracesOf(series: ReadSeries, reading: Reading, highlight: string | null): Traces {
  const away = highlight !== null && highlight !== series.id;
  const lit = highlight === series.id;
  const { stroke } = series;
  const lines = runsOf(series).map((run): Partial<PlotData> => ({
    type: 'scatter',
    mode: 'lines',
    name: series.name,
    x: run.x,
    y: run.y,
    opacity: run.open ? 0.45 : 1,
    line: {
      color: away ? greyed : shades[run.colour],
      width: stroke.width + (lit ? 0.8 : 0) + (run.off && !away ? heavierOff : 0),
      dash: dashes[stroke.dash] as Dash,
      shape: 'linear',
    },
    connectgaps: false,
  }));
  return [...lines, ...pointsOf(series, reading, away, lit)];
}

/** Pieces drawn alike share one trace, with a gap between them. */
function runsOf(series: ReadSeries): Run[] {
  const runs = new Map<string, Run>();
  for (const piece of series.pieces) {
    if (piece.x.length < 2) continue;
    const off = piece.judgement === 'off';
    const key = `${piece.colour} ${piece.open} ${off}`;
    const run = runs.get(key) ?? { colour: piece.colour, open: piece.open, off, x: [], y: [] };
    run.x.push(...piece.x, null);
    run.y.push(...piece.y, null);
    runs.set(key, run);
  }
  return [...runs.values()];
}

/** Points without neighbours, and every point of the highlighted line. */
function pointsOf(series: ReadSeries, { periods }: Reading, away: boolean, lit: boolean): Traces {
  const alone = series.pieces.filter(({ x }) => x.length === 1);
  const points = alone.map(({ x, y, colour }) => ({ x: x[0], y: y[0], colour }));
  if (lit && periods.length <= 60) {
    series.figures.forEach((figure, place) => {
      if (figure === null) return;
      const rule = series.pieces.find(({ x }) => x.includes(periods[place]?.middle ?? NaN));
      points.push({
        x: periods[place]?.middle,
        y: figure,
        colour: rule?.colour ?? series.stroke.colour,
      });
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
        line: { width: 0 },
      },
    },
  ];
}
