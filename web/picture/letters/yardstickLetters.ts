import type { ReadYardstick } from '../../../core/reading';
import { letteredIn, page } from '../../look';
import { toX, toY } from '../geometry';
import { geometryOn, type PlacedPanel } from '../panels';
import { plainText } from '../scales';
import type { Box } from '../geometry';
import { type InTheWay, placeLetters, type WantedLetters } from './placeLetters';
import { labelHeight, type Lettering } from './pointLabels';
import type { Extent, Place } from './sides';

/** What is written within a panel about what its lines are held against. */
export interface YardstickLetter {
  yardstick: string;
  text: string;
  colour: string;
  box: Box;
  bold: boolean;
}

interface Wanted extends Omit<YardstickLetter, 'box'> {
  places: () => Iterable<Place>;
}

/** How far what is written along a line moves at a time, in pixels. */
const step = { across: 22, down: 14 };
const gap = 3;

/**
 * The labels of yardsticks that are to stand within the picture: along their level, or down their date,
 * where no line passes through them.
 */
export function yardstickLetters(
  placed: PlacedPanel,
  { measure, size }: Lettering,
  way: InTheWay,
): { letters: YardstickLetter[]; leftOut: number } {
  const wanted = placed.panel.yardsticks
    .filter(({ look, label }) => look.label.at === 'inside' && label !== '')
    .flatMap((yardstick): Wanted[] => {
      const { id, label, names, look, days, stretches } = yardstick;
      const dated = days.length > 0 || stretches.length > 0;
      const of = {
        yardstick: id,
        bold: dated,
        colour: look.colour ? letteredIn(look.colour) : dated ? page.ink : page.accent,
      };
      const extent = (text: string): Extent => ({
        width: measure(text, size, dated ? 700 : 400) + 2,
        height: labelHeight(size),
      });
      const written = (text: string, places: (of: Extent) => Iterable<Place>): Wanted => ({
        ...of,
        text: plainText(text),
        places: () => places(extent(text)),
      });
      const level = levelOf(yardstick);
      return [
        ...days.map((day, at) =>
          written(names?.[at] ?? label, (own) =>
            downFrom(placed, toX(placed.geometry, day + 0.5), own),
          ),
        ),
        ...stretches.map(({ from, to }) =>
          written(label, (own) => {
            const [left, right] = [toX(placed.geometry, from), toX(placed.geometry, to)];
            return downFrom(placed, (left + right) / 2, own, true);
          }),
        ),
        ...(dated || level === null
          ? []
          : [written(label, (own) => along(placed, yardstick, level, own))]),
      ];
    });
  const found = placeLetters(
    wanted.map(({ yardstick, places }): WantedLetters => ({ of: yardstick, ways: [places] })),
    way,
  );
  return {
    letters: wanted.flatMap(({ places: _, ...letter }, at) => {
      const place = found[at];
      return place ? [{ ...letter, box: place.box }] : [];
    }),
    leftOut: found.filter((place) => !place).length,
  };
}

/** Where a label within the picture stands: on the level, or on the upper edge of a band; null: nowhere. */
function levelOf({ value, bands, edges, filledBetween }: ReadYardstick): number | null {
  if (filledBetween && edges) return edges.high.find((edge) => edge !== null) ?? null;
  return value ?? bands.at(-1)?.to ?? null;
}

/** Along a level: over it or under it, from the left to the right. */
function* along(
  placed: PlacedPanel,
  { second }: ReadYardstick,
  level: number,
  { width, height }: Extent,
): Generator<Place> {
  const geometry = geometryOn(placed, second);
  const y = toY(geometry, level);
  const [from, to] = [geometry.left, geometry.width - geometry.right];
  for (let left = from + gap; left + width <= to; left += step.across)
    for (const top of [y - gap - height, y + gap])
      yield { box: { left, right: left + width, top, bottom: top + height }, off: left - from };
}

/** Down a date: at its right or its left, or over the middle of a stretch. */
function* downFrom(
  { geometry }: PlacedPanel,
  x: number,
  { width, height }: Extent,
  centred = false,
): Generator<Place> {
  const lowest = geometry.height - geometry.bottom;
  for (let top = geometry.top + 1; top + height <= lowest; top += step.down)
    for (const left of centred ? [x - width / 2] : [x + gap, x - gap - width])
      yield {
        box: { left, right: left + width, top, bottom: top + height },
        off: top - geometry.top,
      };
}
