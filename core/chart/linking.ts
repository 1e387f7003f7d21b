import { boolean, mixed, number, object, type ObjectSchema } from 'yup';

/** How large a companion chart stands at the pointer. */
export const peekSizes = ['small', 'medium', 'large'] as const;

/** Another chart of the dashboard that stands at the pointer. */
export interface PeekDefinition {
  /** its id */
  chart: number;
  size: (typeof peekSizes)[number];
  /** only the period or line that is pointed at, or all of it with a line at the date */
  shows: 'pointed' | 'all';
}

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
  shows: mixed<PeekDefinition['shows']>().oneOf(['pointed', 'all']).required(),
});

export const linkingSchema = object({
  linked: boolean().required(),
  narrows: boolean().required(),
  peek: peekSchema.default(undefined).optional(),
});
