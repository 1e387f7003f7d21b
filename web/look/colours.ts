import { type Colour, freeColour, type NamedColour } from '../../core/chart';
import { seenOn } from './seenOn';

/** The shades of the page. */
export const page = {
  paper: '#F2F5F4',
  sheet: '#FFFFFF',
  ink: '#14222B',
  second: '#4A5A63',
  third: '#5D6C74',
  hairline: '#D9E0E0',
  accent: '#0B5351',
  accentTint: '#E8F0EF',
  offTint: '#FBE6E0',
  onTint: '#E7EAF6',
};

/**
 * The shade of each colour of the data: all stand out from white by 3 to 1 or more, and from each other
 * also for eyes that lack one kind of cone.
 */
export const shades: Record<NamedColour, string> = {
  teal: '#1F6D60',
  ochre: '#7F4400',
  plum: '#7E5086',
  moss: '#5E8133',
  sky: '#2378CE',
  rosewood: '#91263C',
  indigo: '#3A4E9B',
  brick: '#CF4A2A',
  ink: '#14222B',
  grey: '#7C8A92',
};

/** The shade in which each colour letters a name: as the line's, but readable on white. */
const lettered: Record<NamedColour, string> = {
  ...shades,
  brick: '#B53A1C',
  grey: page.third,
};

/** What is drawn stands out from the sheet by so much, and what is read by so much: WCAG 2.2, 1.4.11 and 1.4.3. */
const seen = { drawn: 3, read: 4.5 };

/** The shade in which a colour is drawn; a free one keeps its hue, darker where it would not be seen. */
export const shadeOf = (colour: Colour): string =>
  freeColour.test(colour) ? seenOn(page.sheet, colour, seen.drawn) : shades[colour as NamedColour];

/** The shade in which a colour letters a name. */
export const letteredIn = (colour: Colour): string =>
  freeColour.test(colour) ? seenOn(page.sheet, colour, seen.read) : lettered[colour as NamedColour];

/** The colours of the two ends of a gradient, over grey in the middle: neither of them judges. */
const ends = { low: 'ochre', high: 'teal' } as const;

/**
 * The colour of a place along a gradient.
 * @param shade 0 at its one end, 1 at the other
 * @param to the colour that a gradient over the value ends in; null: from one side to the other
 */
export function shadeAlong(shade: number, to: Colour | null): string {
  if (to !== null) return mixed(shades.grey, shadeOf(to), shade);
  const away = Math.abs(shade - 0.5) * 2;
  return mixed(shades.grey, shades[shade < 0.5 ? ends.low : ends.high], away);
}

/** A shade between two that are written #RRGGBB. */
function mixed(from: string, to: string, share: number): string {
  const parts = [1, 3, 5].map((at) => {
    const [one, two] = [from, to].map((shade) => parseInt(shade.slice(at, at + 2), 16));
    return Math.round((one ?? 0) + share * ((two ?? 0) - (one ?? 0)));
  });
  return `#${parts.map((part) => part.toString(16).padStart(2, '0')).join('')}`;
}

/** How much of its colour a sheet wears: so little that all that is read on white is read on it too. */
const tinted = 0.06;

/** The shade of a sheet on a tint of a colour. */
export const tintOf = (colour: Colour): string => mixed(page.sheet, shadeOf(colour), tinted);

/** What a line wears while another one is highlighted. */
export const greyed = '#C7CED1';
