import type { PlotData } from 'plotly.js';
import type { Marker, Reading, ReadSeries } from '../../core/reading';
import { greyed, shadeOf } from '../look';
import { lighter } from './strokeLook';

type Traces = Partial<PlotData>[];

/** More points than these are not marked by themselves when their line is highlighted. */
const mostMarked = 60;
const usualSize = 5.5;

/** What the library calls the forms of points. */
const symbols: Record<Marker | 'none', string> = {
  none: 'circle',
  diamond: 'diamond',
  square: 'square',
  triangle: 'triangle-up',
  cross: 'x',
};

/** Points without neighbours; those that a line asks for; every point of a short highlighted line. */
export function pointsOf(
  series: ReadSeries,
  { positions }: Pick<Reading, 'positions'>,
  away: boolean,
  lit: boolean,
): Traces {
  const { at, colour, sizes } = series.points;
  const alone = series.pieces
    .filter(({ x }) => x.length === 1)
    .map(({ x, y, colour: own, open }) => ({
      x: x[0],
      y: y[0],
      colour: own,
      open,
      marker: null,
    }));
  const colours = new Map(
    series.pieces.flatMap((piece) => piece.x.map((x) => [x, piece.colour] as const)),
  );
  const shown = (place: number) =>
    // A rule that colours points alone marks those that it catches.
    (series.pointColours[place] ?? null) !== null ||
    (at === 'measured'
      ? !!series.measured[place]
      : at !== 'none' || (lit && positions.length <= mostMarked));
  const asked = series.drawn.flatMap((figure, place) => {
    if (figure === null || !shown(place)) return [];
    const x = positions[place]?.middle ?? NaN;
    const own = series.pointColours[place] ?? colour ?? colours.get(x) ?? series.stroke.colour;
    const marker = series.pointMarkers[place] ?? null;
    return [{ x, y: figure, colour: own, open: !!series.open[place], marker }];
  });
  const points = [...alone, ...asked];
  if (points.length === 0) return [];
  return [
    {
      type: 'scatter',
      mode: 'markers',
      name: series.name,
      x: points.map(({ x }) => x ?? null),
      y: points.map(({ y }) => y ?? null),
      // One at the edge of the picture is drawn whole.
      cliponaxis: false,
      marker: {
        size: at === 'sized' ? points.map(sizeBetween(series, sizes)) : (sizes[0] ?? usualSize),
        symbol: points.map(({ marker }) => symbols[marker ?? 'none']),
        color: points.map((each) => (away ? greyed : shadeOf(each.colour))),
        opacity: points.map(({ open }) => (open ? lighter.open : 1)),
        line: { width: 0 },
      },
    },
  ];
}

/** Single readings, faint behind the line that is made of them. */
export function readingsOf({ readings, name, stroke }: ReadSeries, away: boolean): Traces {
  if (!readings || readings.days.length === 0) return [];
  return [
    {
      type: 'scatter',
      mode: 'markers',
      name,
      // A reading stands in the middle of its day.
      x: readings.days.map((day) => day + 0.5),
      y: readings.figures,
      marker: {
        size: 3,
        opacity: 0.28,
        line: { width: 0 },
        color: away ? greyed : shadeOf(stroke.colour),
      },
    },
  ];
}

/** By area, between the sizes of the least and the greatest figure: twice as large looks twice as much. */
function sizeBetween({ figures }: ReadSeries, [least, greatest]: readonly [number, number]) {
  const known = figures.filter((figure) => figure !== null).map(Math.abs);
  const [low, high] = [Math.min(...known), Math.max(...known)];
  return ({ y }: { y?: number }) => {
    const share = high > low ? (Math.abs(y ?? low) - low) / (high - low) : 1;
    return Math.sqrt(least ** 2 + share * (greatest ** 2 - least ** 2));
  };
}
