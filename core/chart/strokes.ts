import type { Role } from './definition';

/** Colours by name; the look of the application gives each its shade. */
export const colours = [
  ...['teal', 'ochre', 'plum', 'moss', 'sky', 'rosewood'],
  ...['indigo', 'brick', 'ink', 'grey'],
] as const;
export type Colour = (typeof colours)[number];

export const dashes = ['solid', 'dash', 'dot', 'longdash'] as const;
export type Dash = (typeof dashes)[number];

/** How a line leads from figure to figure. */
export const shapes = ['straight', 'smooth', 'stepped'] as const;
export type Shape = (typeof shapes)[number];

/** What an author has chosen of a stroke; null leaves it to the role, or to the palette. */
export interface StrokeDefinition {
  colour: Colour | null;
  dash: Dash | null;
  /** in pixels */
  width: number | null;
  shape: Shape;
  /** its place in the palette, where it takes its colour from there; kept for good */
  place: number;
  /** a point at each figure */
  points: boolean;
  /** the area beneath the line, down to the axis */
  filled: boolean;
}

/** What a new series wears: all that its role gives. */
export const plainStroke: StrokeDefinition = {
  ...{ colour: null, dash: null, width: null },
  ...{ place: 0, shape: 'straight', points: false, filled: false },
};

/** How a line is drawn; the lengths are those of the drawing, in pixels. */
export interface Stroke {
  colour: Colour;
  dash: Dash;
  width: number;
}

/** Ordinary series wear these in turn; colour-blind readers can tell them apart. */
export const palette: readonly Colour[] = ['teal', 'ochre', 'plum', 'moss', 'sky', 'rosewood'];

const byRole: Record<Role, Omit<Stroke, 'colour'> & { colour: Colour | null }> = {
  actual: { colour: null, dash: 'solid', width: 2.4 },
  target: { colour: 'ink', dash: 'longdash', width: 1.4 },
  budget: { colour: 'ink', dash: 'dash', width: 1.5 },
  forecast: { colour: 'indigo', dash: 'dot', width: 2.2 },
  yearBefore: { colour: 'grey', dash: 'solid', width: 1.4 },
  other: { colour: null, dash: 'solid', width: 1.6 },
};

/**
 * The stroke a role gives.
 * @param place the series' place among those that take their colour from the palette
 */
export function strokeOfRole(role: Role, place: number): Stroke {
  const stroke = byRole[role];
  return { ...stroke, colour: stroke.colour ?? (palette[place % palette.length] as Colour) };
}

/** Whether a role gives no colour of its own, so that its series takes the next of the palette. */
export const takesPalette = (role: Role) => byRole[role].colour === null;
