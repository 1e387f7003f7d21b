import type { Side } from '../../../core/chart';
import type { Reading, ReadStandout } from '../../../core/reading';
import { letteredIn, page } from '../../look';
import { type Measure, toX, toY } from '../geometry';
import { geometryOn, type PlacedPanel } from '../panels';
import { plainText } from '../scales';
import type { Box } from '../geometry';
import { type InTheWay, placeLetters } from './placeLetters';
import { type Extent, placesOn } from './sides';

/** A label at a point, where it stands. */
export interface PointLabel {
  /** the line that it speaks of */
  series: string;
  side: Side;
  box: Box;
  /** the point, in pixels */
  at: { x: number; y: number };
  bold: string;
  rest: string;
  colour: string;
}

/** How labels are written. */
export interface Lettering {
  measure: Measure;
  size: number;
  /** only the figure, without its period */
  compact: boolean;
}

/** One way to write a label. */
interface Writing extends Extent {
  bold: string;
  rest: string;
}

export const labelHeight = (size: number) => Math.round(size * 1.28);

/**
 * The ways to write a label, the fullest first.
 * @returns none for a point that is only marked
 */
export function writingsOf(
  { label, valued, more }: ReadStandout,
  { measure, size, compact }: Lettering,
): Writing[] {
  const bold = valued ? label : '';
  const rest = plainText(more);
  const writing = (strong: string, light: string): Writing => ({
    bold: strong,
    rest: light,
    width: measure(strong, size, 700) + (light ? measure(` ${light}`, size, 400) : 0) + 4,
    height: labelHeight(size),
  });
  const full = rest && !(compact && bold) ? [writing(bold, rest)] : [];
  return [...full, ...(bold ? [writing(bold, '')] : [])];
}

/** Where a point stands in the picture, in pixels. */
export const pointOf = (
  { positions }: Pick<Reading, 'positions'>,
  placed: PlacedPanel,
  { period, figure, second }: ReadStandout,
) => ({
  x: toX(placed.geometry, positions[period]?.middle ?? 0),
  y: toY(geometryOn(placed, second), figure),
});

/**
 * The labels of the points picked out, each on the side that it was given. Extremes come first; what has
 * no place on its side is left out.
 */
export function pointLabels(
  reading: Reading,
  placed: PlacedPanel,
  lettering: Lettering,
  way: InTheWay,
): { labels: PointLabel[]; leftOut: ReadStandout[] } {
  const all = [...placed.panel.standouts]
    .sort((one, other) => Number(other.extreme) - Number(one.extreme))
    .map((standout) => ({
      standout,
      at: pointOf(reading, placed, standout),
      writings: writingsOf(standout, lettering),
    }))
    .filter(({ writings }) => writings.length > 0);
  // No label stands on a point that another one speaks of.
  way.taken.push(...all.map(({ at }) => around(at)));
  const found = placeLetters(
    all.map(({ standout, at, writings }) => ({
      of: standout.series,
      ways: writings.map((writing) => () => placesOn(standout.side, at, writing, way.within)),
    })),
    way,
  );
  return {
    labels: found.flatMap((place, of): PointLabel[] => {
      const { standout, at, writings } = all[of] as (typeof all)[number];
      const writing = place && writings[place.way];
      if (!place || !writing) return [];
      const { series, side, colour } = standout;
      return [
        {
          series,
          side,
          at,
          box: place.box,
          bold: writing.bold,
          rest: writing.rest,
          colour: colour ? letteredIn(colour) : page.ink,
        },
      ];
    }),
    leftOut: all.flatMap(({ standout }, of) => (found[of] ? [] : [standout])),
  };
}

const around = ({ x, y }: { x: number; y: number }): Box => ({
  left: x - 5,
  right: x + 5,
  top: y - 5,
  bottom: y + 5,
});
