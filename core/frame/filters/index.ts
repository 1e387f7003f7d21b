import { ofKind } from '../../sentences';
import { type DefinitionOf, registry } from '../../registry';
import { type DatesFilter, datesFilter } from './dates';
import type { FilterKind } from './filter';
import { type NumbersFilter, numbersFilter } from './numbers';
import { type WordsFilter, wordsFilter } from './words';

export type { DatesFilter, NumbersFilter, WordsFilter };

const all = [wordsFilter, numbersFilter, datesFilter];

/** A condition that the rows of a source must meet to be counted. */
export type Filter = DefinitionOf<(typeof all)[number]>;

const { kinds, of: filterKind, schema: filterSchema } = registry<FilterKind<Filter>>('filter', all);
export { filterKind, filterSchema };

/** A filter in a sentence. */
export const filterEntry = ofKind<Filter>(kinds);
