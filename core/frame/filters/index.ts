import { lazy, mixed } from 'yup';
import { type DatesFilter, datesFilter, daysOf } from './dates';
import type { FilterKind } from './filter';
import { type NumbersFilter, numbersFilter } from './numbers';
import { type WordsFilter, wordsFilter } from './words';

/** A condition that the rows of a source must meet to be counted. */
export type Filter = WordsFilter | NumbersFilter | DatesFilter;
export type { DatesFilter, NumbersFilter, WordsFilter };
export { daysOf };

const kinds = [wordsFilter, numbersFilter, datesFilter] as unknown as readonly FilterKind<Filter>[];

/** The kind of a filter: its schema, its words and what it keeps. */
export const filterKind = ({ kind }: Pick<Filter, 'kind'>) =>
  kinds.find((each) => each.kind === kind) as FilterKind<Filter>;

export const filterSchema = lazy(
  (value: Filter | undefined) =>
    kinds.find(({ kind }) => kind === value?.kind)?.schema ??
    mixed<Filter>().test('kind', 'There is no such filter.', () => false),
);
