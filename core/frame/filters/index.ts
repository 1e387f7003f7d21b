import { ofKind } from '../../sentences';
import { type DefinitionOf, registry } from '../../registry';
import { type DatesFilter } from './dates';
import type { FilterKind } from './filter';
import { type NumbersFilter } from './numbers';
import { type WordsFilter } from './words';
import { all } from './listed';

export type { DatesFilter, NumbersFilter, WordsFilter };

/** A condition that the rows of a source must meet to be counted. */
export type Filter = DefinitionOf<(typeof all)[number]>;

const { kinds, of: filterKind, schema: filterSchema } = registry<FilterKind<Filter>>('filter', all);
export { filterKind, filterSchema, kinds as filterKinds };

/** A filter in a sentence. */
export const filterEntry = ofKind<Filter>(kinds);
