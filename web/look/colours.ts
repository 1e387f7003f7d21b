import type { Colour } from '../../core/chart';

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

/** The shade of each colour of the data; all stand out from white by 3 to 1 or more. */
export const shades: Record<Colour, string> = {
  teal: '#0F7B78',
  ochre: '#9C5F0D',
  plum: '#7B3A73',
  moss: '#4C7A1F',
  sky: '#2A76B8',
  rosewood: '#A14B5F',
  indigo: '#3A4E9B',
  brick: '#CF4A2A',
  ink: '#14222B',
  grey: '#7C8A92',
};

/** The shade in which each colour letters a name: as the line's, but readable on white (4.5 to 1). */
export const lettered: Record<Colour, string> = {
  ...shades,
  brick: '#B53A1C',
  grey: page.third,
};

/** What a line wears while another one is highlighted. */
export const greyed = '#C7CED1';
