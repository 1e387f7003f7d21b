/** Red, green and blue, each from 0 to 1. */
type Light = readonly [red: number, green: number, blue: number];

const read = (shade: string): Light =>
  [1, 3, 5].map((at) => parseInt(shade.slice(at, at + 2), 16) / 255) as unknown as Light;

const write = (light: Light): string =>
  `#${light
    .map((part) =>
      Math.round(part * 255)
        .toString(16)
        .padStart(2, '0'),
    )
    .join('')}`;

/** How light a shade is to the eye: the relative luminance of WCAG 2.2. */
function luminance(light: Light): number {
  const [red = 0, green = 0, blue = 0] = light.map((part) =>
    part <= 0.04045 ? part / 12.92 : ((part + 0.055) / 1.055) ** 2.4,
  );
  return 0.2126 * red + 0.7152 * green + 0.0722 * blue;
}

/**
 * How far two shades stand out from each other: the contrast ratio of WCAG 2.2.
 * @param one written #RRGGBB
 * @param other written #RRGGBB
 * @returns 1 to 21
 */
export function contrastOf(one: string, other: string): number {
  const [low = 0, high = 0] = [one, other]
    .map((shade) => luminance(read(shade)))
    .sort((a, b) => a - b);
  return (high + 0.05) / (low + 0.05);
}

const known = new Map<string, string>();

/**
 * A colour of the same hue that stands out from a light ground: as it is where it does, else as much
 * darker as it takes.
 * @param ground written #RRGGBB
 * @param colour written #RRGGBB
 * @param least the contrast ratio that is kept
 * @returns written #RRGGBB
 */
export function seenOn(ground: string, colour: string, least: number): string {
  const key = `${ground} ${colour} ${least}`;
  const held = known.get(key);
  if (held !== undefined) return held;
  const light = read(colour);
  let found = colour;
  // Less of all three alike keeps the hue.
  for (let share = 1; share > 0 && contrastOf(ground, found) < least; share -= 0.01)
    found = write(light.map((part) => part * share) as unknown as Light);
  known.set(key, found);
  return found;
}
