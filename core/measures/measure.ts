import { lazy, mixed, object, string } from 'yup';
import { longestFormula } from '../formula';
import { type Aggregate, aggregates, type Filter, filterSchema } from '../frame';
import { figure, list } from '../values';

/** Figures aggregated from the rows of a source. */
export interface Aggregated {
  date: string;
  aggregate: Aggregate;
  /** null counts rows */
  column: string | null;
  /** which percentile, 0 to 100; only for that aggregate */
  percent: number;
  /** only rows that meet all of them are counted */
  filters: Filter[];
}

/** An aggregate of a source's rows. */
export interface AggregateMeasure extends Aggregated {
  kind: 'aggregate';
}

/** Worked out from other measures of the source, which it names: a ratio is a ratio of sums. */
export interface FormulaMeasure {
  kind: 'formula';
  text: string;
}

export type MeasureDefinition = AggregateMeasure | FormulaMeasure;

/** A figure of a source that was named once and can be drawn by any chart. */
export interface Measure {
  id: number;
  sourceId: number;
  name: string;
  definition: MeasureDefinition;
}

/** More filters than these on one figure cannot be read. */
export const mostFilters = 12;

/** The form of what is aggregated from rows, of a measure or of a series that has none. */
export const aggregatedShape = {
  // Empty for what stands along a column of a source without dates.
  date: string().defined().max(200),
  aggregate: mixed<Aggregate>().oneOf(aggregates).required(),
  column: string().nullable().defined().max(200),
  percent: figure().min(0).max(100).default(50),
  filters: list(filterSchema, mostFilters).default([]),
};

const schemas = {
  aggregate: object({
    kind: mixed<'aggregate'>().oneOf(['aggregate']).required(),
    ...aggregatedShape,
  }),
  formula: object({
    kind: mixed<'formula'>().oneOf(['formula']).required(),
    text: string().required('Write a formula.').max(longestFormula),
  }),
};

export const measureSchema = lazy(
  (value: MeasureDefinition | undefined) =>
    schemas[value?.kind ?? 'aggregate'] ??
    mixed<MeasureDefinition>().test('kind', 'There is no such measure.', () => false),
);
