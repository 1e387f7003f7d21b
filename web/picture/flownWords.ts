import type { Annotations } from 'plotly.js';
import { letteredIn, page } from '../look';
import { toX } from './geometry';
import type { PlacedPanel } from './panels';
import { type Flown, flownRow, type Look, wordAt } from './pennants';
import { axisOf, plainText } from './scales';

/** The shade of a word at a date. */
const letteredAs = ({ colour }: Look) => (colour ? letteredIn(colour) : page.ink);

/** The numbers in the pennants, and the words over date lines and stretches. */
export function pennantAnnotations(
  placed: PlacedPanel & { flown: Flown[] },
  fontSize: number,
): Partial<Annotations>[] {
  const { x, yDomain } = axisOf(placed);
  const base = { xref: x, yref: yDomain, y: 1, showarrow: false } as const;
  return placed.flown.flatMap(({ day, text, width, level, turned, aside, look }) => {
    if (level < 0) return [];
    const stem = toX(placed.geometry, day);
    const word = wordAt(stem, { width, aside, turned }, placed.column);
    // A word over its stem is moved no further than it takes to be seen.
    const kept = aside ? 0 : (word.left + word.right) / 2 - stem;
    const centred = !look || !aside;
    const off = look ? 3 : 10;
    return {
      ...base,
      x: day,
      xshift: centred && !aside ? kept : (turned ? -1 : 1) * off,
      yshift: level * flownRow + (look ? 10 : 9),
      yanchor: 'middle' as const,
      xanchor: centred ? ('center' as const) : turned ? ('right' as const) : ('left' as const),
      text: `<b>${plainText(text)}</b>`,
      font: look ? { size: fontSize, color: letteredAs(look) } : { size: 10.5, color: '#fff' },
    };
  });
}
