import { mixed } from 'yup';
import { figure } from '../values';

/** The colours that have a name; the look of the application gives each its shade. */
export const colours = [
  'teal',
  'ochre',
  'plum',
  'moss',
  'sky',
  'rosewood',
  'indigo',
  'brick',
  'ink',
  'grey',
] as const;
export type NamedColour = (typeof colours)[number];

/** A colour of nobody's palette, written #1f6d60 in small letters. */
export type FreeColour = `#${string}`;
export type Colour = NamedColour | FreeColour;

export const freeColour = /^#[0-9a-f]{6}$/;

/**
 * Whether a text names a colour, or writes a free one.
 * @param value anything
 */
export const isColour = (value: unknown): value is Colour =>
  typeof value === 'string' &&
  (freeColour.test(value) || (colours as readonly string[]).includes(value));

/** A colour by its name, or a free one. */
export const colourSchema = () =>
  mixed<Colour>().test({
    name: 'colour',
    message: ({ path }: { path: string }) =>
      `${path} is no colour. Name one of ${colours.join(', ')}, or write one as #1f6d60.`,
    test: (value) => value === null || value === undefined || isColour(value),
  });

export const dashes = ['solid', 'dash', 'dot', 'longdash'] as const;
export type Dash = (typeof dashes)[number];

/** How a line leads from figure to figure. */
export const shapes = ['straight', 'smooth', 'stepped', 'bars'] as const;
export type Shape = (typeof shapes)[number];

export const pointKinds = ['none', 'all', 'measured', 'sized'] as const;

/** Which figures have a point, and how it looks. */
export interface PointsDefinition {
  /** all that are drawn; only those that were measured; or each as large as its figure */
  at: (typeof pointKinds)[number];
  /** null: the line's */
  colour: Colour | null;
  /** across, in pixels: of the least and of the greatest figure; the first for all of one size */
  sizes: [least: number, greatest: number];
}

export const noPoints: PointsDefinition = { at: 'none', colour: null, sizes: [5.5, 16] };

/** What an author has chosen of a stroke; null leaves it to the role, or to the palette. */
export interface StrokeDefinition {
  colour: Colour | null;
  dash: Dash | null;
  /** in pixels */
  width: number | null;
  shape: Shape;
  /** its place in the palette, where it takes its colour from there; kept for good */
  place: number;
  points: PointsDefinition;
  /** the area beneath the line, down to the axis */
  filled: boolean;
  /** its colour changes over its value, or over its distance from the mark; missing: it is one */
  gradient?: Gradient;
}

export const gradients = ['value', 'mark'] as const;
export type Gradient = (typeof gradients)[number];

/** What a new series wears: all that its role gives. */
export const plainStroke: StrokeDefinition = {
  colour: null,
  dash: null,
  width: null,
  place: 0,
  shape: 'straight',
  points: noPoints,
  filled: false,
};

/** Strokes are no thinner and no thicker, in pixels. */
export const strokeWidths = { least: 0.25, most: 12 } as const;

/** The width of a stroke, in pixels. */
export const strokeWidth = () => figure().min(strokeWidths.least).max(strokeWidths.most);

/** How a line is drawn; the lengths are those of the drawing, in pixels. */
export interface Stroke {
  colour: Colour;
  dash: Dash;
  width: number;
}

/** Ordinary series wear the colours of a palette in turn; colour-blind readers can tell them apart. */
export const palettes = {
  harbour: ['teal', 'ochre', 'plum', 'moss', 'sky', 'rosewood'],
  coast: ['sky', 'ochre', 'moss', 'plum', 'teal', 'rosewood'],
  heath: ['plum', 'moss', 'ochre', 'sky', 'rosewood', 'teal'],
} as const satisfies Record<string, readonly Colour[]>;
export type PaletteName = keyof typeof palettes;
export const paletteNames = Object.keys(palettes) as PaletteName[];
