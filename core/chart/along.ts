import { lazy, mixed, object, string } from 'yup';
import { list } from '../values';

/**
 * What stands along a chart's axis: the periods of its grain, the dates as they were recorded, or the
 * figures or words of a column.
 */
export type AlongDefinition =
  | { kind: 'periods' }
  | { kind: 'recorded' }
  | { kind: 'numbers'; column: string }
  | {
      kind: 'words';
      column: string;
      /** the words in the order in which they stand; later words follow in their natural one */
      order: string[];
    };

const plain = object({
  kind: mixed<'periods' | 'recorded'>().oneOf(['periods', 'recorded']).required(),
});
const numbers = object({
  kind: mixed<'numbers'>().oneOf(['numbers']).required(),
  column: string().required().max(200),
});
const words = object({
  kind: mixed<'words'>().oneOf(['words']).required(),
  column: string().required().max(200),
  order: list(string().defined().max(500), 200).required().default([]),
});

export const alongSchema = lazy(
  (value: AlongDefinition | undefined) =>
    ({ periods: plain, recorded: plain, numbers, words })[value?.kind ?? 'periods'] ?? plain,
);
