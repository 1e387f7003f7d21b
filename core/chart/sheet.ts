import { boolean, mixed, object, type ObjectSchema } from 'yup';
import { type Colour, colourSchema, type Dash, dashes, strokeWidth } from './strokes';

/** What lies behind a chart, and between its panels. */
export interface SheetDefinition {
  /** of whose tint the sheet is; null: white */
  ground: Colour | null;
  /** the lines between panels */
  separators: {
    shown: boolean;
    /** null: a hairline's */
    colour: Colour | null;
    dash: Dash;
    /** in pixels */
    width: number;
  };
}

export const plainSheet: SheetDefinition = {
  ground: null,
  separators: { shown: true, colour: null, dash: 'solid', width: 1 },
};

export const sheetSchema: ObjectSchema<SheetDefinition> = object({
  ground: colourSchema().nullable().defined(),
  separators: object({
    shown: boolean().required(),
    colour: colourSchema().nullable().defined(),
    dash: mixed<Dash>().oneOf(dashes).required(),
    width: strokeWidth().required(),
  }).required(),
});
