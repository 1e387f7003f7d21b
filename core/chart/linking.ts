import { boolean, mixed, number, object, type ObjectSchema, string } from 'yup';
import type { DateStyle } from '../labels';
import { dateStyleSchema } from './axes';
import { type Colour, colourSchema, type Dash, dashes, strokeWidth } from './strokes';

/** How large a companion chart stands at the pointer. */
export const peekSizes = ['small', 'medium', 'large'] as const;

/** Where a companion chart stands, and how wide one can be, in pixels. */
export const peekSides = ['beside', 'below'] as const;
export const peekWidths = { least: 200, most: 900 };

/** The line at the date that is pointed at, in the chart that stands at the pointer. */
export interface PeekLine {
  /** null: ink */
  colour: Colour | null;
  dash: Dash;
  /** in pixels */
  width: number;
  /** with the slot {date}; empty for nothing */
  label: string;
  /** over the picture, or within it */
  at: 'over' | 'within';
  /** how the date is written; null: as the period is called */
  dates: DateStyle | null;
}

export const plainPeekLine: PeekLine = {
  colour: null,
  dash: 'dash',
  width: 1,
  label: '',
  at: 'over',
  dates: null,
};

/** Another chart of the dashboard that stands at the pointer. */
export interface PeekDefinition {
  /** its id */
  chart: number;
  size: (typeof peekSizes)[number];
  /** its width in pixels, in place of its size; missing: as its size has it */
  width?: number;
  /** where it stands before anywhere else; missing: below, or wherever there is room */
  side?: (typeof peekSides)[number];
  /** only the period or line that is pointed at, or all of it with a line at the date */
  shows: 'pointed' | 'all';
  /** missing: as a line at the pointer is drawn */
  line?: PeekLine;
}

/**
 * How a chart stands at the pointer until its author says otherwise.
 * @param chart its id
 */
export const peekAt = (chart: number): PeekDefinition => ({
  chart,
  size: 'medium',
  shows: 'pointed',
});

/** What a chart does together with the others of its dashboard. */
export interface LinkingDefinition {
  /** it shows where others are pointed at, held and highlighted, and is narrowed by what is picked */
  linked: boolean;
  /** what a reader picks in it narrows the others */
  narrows: boolean;
  /** missing: nothing stands at the pointer but the figures */
  peek?: PeekDefinition;
}

/** What holds until the author says otherwise. */
export const plainLinking: LinkingDefinition = { linked: true, narrows: false };

const peekSchema: ObjectSchema<PeekDefinition> = object({
  chart: number().integer().positive().required(),
  size: mixed<PeekDefinition['size']>().oneOf(peekSizes).required(),
  width: number().integer().min(peekWidths.least).max(peekWidths.most).optional(),
  side: mixed<NonNullable<PeekDefinition['side']>>().oneOf(peekSides).optional(),
  shows: mixed<PeekDefinition['shows']>().oneOf(['pointed', 'all']).required(),
  line: object({
    colour: colourSchema().nullable().defined(),
    dash: mixed<Dash>().oneOf(dashes).required(),
    width: strokeWidth().required(),
    label: string().defined().max(160),
    at: mixed<PeekLine['at']>().oneOf(['over', 'within']).required(),
    dates: dateStyleSchema.nullable().defined(),
  })
    .default(undefined)
    .optional(),
});

export const linkingSchema = object({
  linked: boolean().required(),
  narrows: boolean().required(),
  peek: peekSchema.default(undefined).optional(),
});
