import { mixed, object, type ObjectSchema } from 'yup';
import { type DateStyle, type NumberStyle, plainNumbers } from '../labels';
import { dateStyleSchema, numberStyleSchema } from './axes';
import { type Role, roles } from './roles';
import {
  type Colour,
  colourSchema,
  type Dash,
  dashes,
  type PaletteName,
  paletteNames,
  strokeWidth,
} from './strokes';

export const textSizes = ['small', 'usual', 'large', 'largest'] as const;
export type TextSize = (typeof textSizes)[number];

/** What of a role's stroke a dashboard draws in its own way; null leaves it as it is. */
export interface RoleStroke {
  colour: Colour | null;
  dash: Dash | null;
  width: number | null;
}

/** How the charts of a dashboard look, where they do not say otherwise themselves. */
export interface BoardStyle {
  textSize: TextSize;
  numbers: NumberStyle;
  dates: DateStyle;
  palette: PaletteName;
  strokes: Partial<Record<Role, RoleStroke>>;
}

export const plainStyle: BoardStyle = {
  textSize: 'usual',
  numbers: plainNumbers,
  dates: 'words',
  palette: 'harbour',
  strokes: {},
};

const roleStroke: ObjectSchema<RoleStroke> = object({
  colour: colourSchema().nullable().defined(),
  dash: mixed<Dash>().oneOf(dashes).nullable().defined(),
  width: strokeWidth().nullable().defined(),
});

export const boardStyleSchema = object({
  textSize: mixed<TextSize>().oneOf(textSizes).required(),
  numbers: numberStyleSchema,
  dates: dateStyleSchema.required(),
  palette: mixed<PaletteName>().oneOf(paletteNames).required(),
  strokes: object(
    Object.fromEntries(roles.map((role) => [role, roleStroke.default(undefined).optional()])),
  ).noUnknown(),
});
