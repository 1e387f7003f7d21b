import { boolean, mixed, object, type ObjectSchema, string } from 'yup';
import { type Colour, colourSchema, type Dash, dashes, strokeWidth } from './strokes';

export const labelPlaces = ['end', 'each', 'inside', 'none'] as const;

/** Where the label of a yardstick stands: beside the picture (a date's in each panel, or in the first), within it, or nowhere. */
export type LabelPlace = (typeof labelPlaces)[number];

/** How a yardstick is drawn and labelled. */
export interface YardstickLook {
  /** null: the accent of the page, or ink for dates */
  colour: Colour | null;
  dash: Dash;
  /** in pixels */
  width: number;
  /** it stands before the lines, not behind them */
  front: boolean;
  label: {
    /** with the slots {name}, {value} and {date} */
    text: string;
    at: LabelPlace;
    /** the edges of a band are labelled with their figures */
    edges?: true;
  };
}

/** What a yardstick looks like until its author says otherwise. */
export const plainLook: YardstickLook = {
  colour: null,
  dash: 'solid',
  width: 1.2,
  front: false,
  label: { text: '{name} {value}', at: 'end' },
};

export const lookSchema: ObjectSchema<YardstickLook> = object({
  colour: colourSchema().nullable().defined(),
  dash: mixed<Dash>().oneOf(dashes).required(),
  width: strokeWidth().required(),
  front: boolean().required(),
  label: object({
    text: string().defined().max(160),
    at: mixed<LabelPlace>().oneOf(labelPlaces).required(),
    edges: mixed<true>().oneOf([true]).optional(),
  }).required(),
});
