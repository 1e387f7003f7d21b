import type { BoardStyle } from './boardStyle';
import type { Role } from './roles';
import { type Colour, palettes, type Stroke } from './strokes';

const byRole: Record<Role, Omit<Stroke, 'colour'> & { colour: Colour | null }> = {
  actual: { colour: null, dash: 'solid', width: 2.4 },
  target: { colour: 'ink', dash: 'longdash', width: 1.4 },
  budget: { colour: 'ink', dash: 'dash', width: 1.5 },
  forecast: { colour: 'indigo', dash: 'dot', width: 2.2 },
  yearBefore: { colour: 'grey', dash: 'solid', width: 1.4 },
  other: { colour: null, dash: 'solid', width: 1.6 },
};

/**
 * The stroke a role gives on a dashboard.
 * @param place the series' place among those that take their colour from the palette
 */
export function strokeOfRole(
  role: Role,
  place: number,
  { palette, strokes }: Pick<BoardStyle, 'palette' | 'strokes'>,
): Stroke {
  const [usual, own] = [byRole[role], strokes[role]];
  const colours = palettes[palette];
  return {
    colour: own?.colour ?? usual.colour ?? (colours[place % colours.length] as Colour),
    dash: own?.dash ?? usual.dash,
    width: own?.width ?? usual.width,
  };
}

/**
 * Whether a role gives no colour of its own, so that its series takes the next of the palette.
 * @param role what a series is: an actual, a budget, a target, a forecast
 */
export const takesPalette = (role: Role) => byRole[role].colour === null;
