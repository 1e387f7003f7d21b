import { mixed, object, type ObjectSchema, string } from 'yup';
import { type Filter, filterSchema } from '../frame';

/**
 * A filter of a whole chart: it keeps rows of every source that has its column. What it does not keep
 * is gone, or stays in grey where it is a line of its own; then it enters no computation.
 */
export interface ChartFilter {
  filter: Filter;
  rest: 'removed' | 'grey';
  /** the id of the dial that turns it; missing: it stays as it is set */
  dial?: string;
}

export const chartFilterSchema: ObjectSchema<ChartFilter> = object({
  filter: filterSchema,
  rest: mixed<ChartFilter['rest']>().oneOf(['removed', 'grey']).required(),
  dial: string().max(40),
}) as ObjectSchema<ChartFilter>;

/**
 * Whether a filter keeps a word of the column that a series is split by.
 * @param word as it stands in the column
 */
export const keepsWord = (filter: Filter, word: string) =>
  filter.kind !== 'words' ||
  filter.words.length === 0 ||
  filter.words.includes(word) === filter.keep;

/**
 * Whether a filter leaves the lines of a split in grey rather than taking their rows away.
 * @param splitBy the column by which a series is split; null for none
 */
export const greysLines = ({ filter, rest }: ChartFilter, splitBy: string | null) =>
  rest === 'grey' && filter.kind === 'words' && filter.column === splitBy;
