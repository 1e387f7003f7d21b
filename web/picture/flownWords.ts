import type { Annotations } from 'plotly.js';
import { letteredIn, page } from '../look';
import { toX } from './geometry';
import type { PlacedPanel } from './panels';
import { type Flown, flownRow, type Look, wordAt } from './pennants';
import { axisOf, plainText } from './scales';

/** The shade of a word at a date. */
const letteredAs = ({ colour }: Look) => (colour ? letteredIn(colour) : page.ink);

/** The numbers in the pennants, the words over date lines and stretches, and those within the plot. */
export function pennantAnnotations(
  placed: PlacedPanel & { flown: Flown[] },
  fontSize: number,
): Partial<Annotations>[] {
  const { x, yDomain } = axisOf(placed);
  const { left, right, width } = placed.geometry;
  const base = { xref: x, yref: yDomain, y: 1, showarrow: false } as const;
  return placed.flown.flatMap(({ kind, day, text, level, turned, aside, look }) => {
    const within = look?.label.at === 'inside' && text !== '';
    const stem = toX(placed.geometry, day);
    const late = stem > left + (width - left - right) / 2;
    const word = wordAt(stem, { kind, text, aside, turned }, placed.geometry);
    // A word over its stem is moved no further than it takes to be seen.
    const kept = within || aside ? 0 : (word.left + word.right) / 2 - stem;
    if (level < 0 && !within) return [];
    const centred = within ? kind === 'stretch' : !look || !aside;
    const atLeft = within ? late : turned;
    const off = within || look ? 3 : 10;
    return {
      ...base,
      x: day,
      xshift: centred && (within || !aside) ? kept : (atLeft ? -1 : 1) * off,
      yshift: within ? 0 : level * flownRow + (look ? 10 : 9),
      yanchor: within ? ('top' as const) : ('middle' as const),
      xanchor: centred ? ('center' as const) : atLeft ? ('right' as const) : ('left' as const),
      text: `<b>${plainText(text)}</b>`,
      font: look ? { size: fontSize, color: letteredAs(look) } : { size: 10.5, color: '#fff' },
    };
  });
}
