import { type Colour, colours, paletteNames, palettes } from '../../core/chart';
import fc from 'fast-check';
import { letteredIn, page, shadeOf, shades } from './colours';
import { contrastOf } from './seenOn';

type Channels = [red: number, green: number, blue: number];

/** The channels of a shade in linear light, 0 to 1 (sRGB, IEC 61966-2-1). */
const linear = (shade: string): Channels =>
  [1, 3, 5].map((at) => {
    const part = parseInt(shade.slice(at, at + 2), 16) / 255;
    return part <= 0.04045 ? part / 12.92 : ((part + 0.055) / 1.055) ** 2.4;
  }) as Channels;

/** How shades are seen without one kind of cone (Machado, Oliveira and Fernandes 2009, severity 1). */
const deficiencies: Record<string, Channels[]> = {
  'usual eyes': [
    [1, 0, 0],
    [0, 1, 0],
    [0, 0, 1],
  ],
  protanopia: [
    [0.152286, 1.052583, -0.204868],
    [0.114503, 0.786281, 0.099216],
    [-0.003882, -0.048116, 1.051998],
  ],
  deuteranopia: [
    [0.367322, 0.860646, -0.227968],
    [0.280085, 0.672501, 0.047413],
    [-0.01182, 0.04294, 0.968881],
  ],
  tritanopia: [
    [1.255528, -0.076749, -0.178779],
    [-0.078411, 0.930809, 0.147602],
    [0.004733, 0.691367, 0.3039],
  ],
};

/** A shade as some eyes see it, in CIE L*a*b* under D65. */
function seen(shade: string, eyes: Channels[]): Channels {
  const light = linear(shade);
  const [red, green, blue] = eyes.map((row) =>
    Math.min(1, Math.max(0, row[0] * light[0] + row[1] * light[1] + row[2] * light[2])),
  ) as Channels;
  const curve = (part: number) =>
    part > 216 / 24389 ? Math.cbrt(part) : ((24389 / 27) * part + 16) / 116;
  const [x, y, z] = [
    (0.4124 * red + 0.3576 * green + 0.1805 * blue) / 0.95047,
    0.2126 * red + 0.7152 * green + 0.0722 * blue,
    (0.0193 * red + 0.1192 * green + 0.9505 * blue) / 1.08883,
  ].map(curve) as Channels;
  return [116 * y - 16, 500 * (x - y), 200 * (y - z)];
}

const apart = (one: string, two: string, eyes: Channels[]) =>
  Math.hypot(...seen(one, eyes).map((part, at) => part - (seen(two, eyes)[at] as number)));

it.each(colours)('%s is seen on the sheet, and its names can be read', (colour) => {
  expect(contrastOf(shadeOf(colour), page.sheet)).toBeGreaterThanOrEqual(3);
  expect(contrastOf(letteredIn(colour), page.sheet)).toBeGreaterThanOrEqual(4.5);
});

/** Shades this far apart are told apart side by side; a just noticeable difference is about 2.3. */
const clearly = 10;

describe.each(Object.entries(deficiencies))('for %s', (_, eyes) => {
  it('on and off the mark are far apart', () => {
    expect(apart(shades.indigo, shades.brick, eyes)).toBeGreaterThan(3 * clearly);
  });

  it.each(paletteNames)(
    'the colours of %s are apart from each other, and from what judges',
    (name) => {
      const first: Colour[] = [...palettes[name], 'indigo', 'brick'];
      for (const one of first)
        for (const two of first)
          if (one !== two)
            expect([one, two, apart(shadeOf(one), shadeOf(two), eyes) >= clearly]).toEqual([
              one,
              two,
              true,
            ]);
    },
  );
});

/** The hue of a shade, in degrees; of what is nearly grey it is any. */
function hueOf(shade: string): number | null {
  const [red = 0, green = 0, blue = 0] = [1, 3, 5].map((at) =>
    parseInt(shade.slice(at, at + 2), 16),
  );
  const apart = Math.max(red, green, blue) - Math.min(red, green, blue);
  if (apart < 60) return null;
  const most = Math.max(red, green, blue);
  if (most === red) return (60 * (green - blue)) / apart;
  return most === green ? 120 + (60 * (blue - red)) / apart : 240 + (60 * (red - green)) / apart;
}

it('keeps the hue of any colour that somebody chose, and lets it be seen and read', () => {
  const part = fc.integer({ min: 0, max: 255 });
  fc.assert(
    fc.property(part, part, part, (...parts) => {
      const free: Colour = `#${parts.map((each) => each.toString(16).padStart(2, '0')).join('')}`;
      const [drawn, read] = [shadeOf(free), letteredIn(free)];
      expect(contrastOf(page.sheet, drawn)).toBeGreaterThanOrEqual(3);
      expect(contrastOf(page.sheet, read)).toBeGreaterThanOrEqual(4.5);
      if (contrastOf(page.sheet, free) >= 3) expect(drawn).toBe(free);
      const [was, is] = [hueOf(free), hueOf(drawn)];
      if (was !== null && is !== null) {
        const apart = Math.abs(was - is);
        expect(Math.min(apart, 360 - apart)).toBeLessThan(4);
      }
    }),
  );
});
