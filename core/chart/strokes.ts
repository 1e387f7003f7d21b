import type { Colour, Role } from './definition';

/** How a line is drawn; the lengths are those of the drawing, in pixels. */
export interface Stroke {
  colour: Colour;
  dash: 'solid' | 'dash' | 'dot' | 'longdash';
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
