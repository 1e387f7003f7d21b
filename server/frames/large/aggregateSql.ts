import type { Aggregate } from '../../../core/frame';
import { rowColumn } from '../../columns';

/** How the engine is asked for the figures of an aggregate. */
interface Asked {
  /** what is selected of each group: figures as figures, or as text where they are exact */
  expression: string;
  /** how figures by day come to those of longer periods; null: it is asked at the drawn period */
  then: Aggregate | null;
  /** the number of the row that a figure stands in, by which rows are put in order */
  row?: string;
}

/**
 * How the engine takes a column together.
 * @param column its name in the files; "*" for rows
 * @param percent which percentile, 0 to 100
 */
type AskFor = (column: string, percent: number) => Asked;

const asDouble = (column: string) => `CAST(${column} AS DOUBLE)`;

/** Sums of decimals are exact, and beyond what a figure holds: as text, they come to the nearest. */
const exact = (expression: string) => `CAST(${expression} AS VARCHAR)`;

const same =
  (name: 'sum' | 'min' | 'max'): AskFor =>
  (column) => ({ expression: exact(`${name.toUpperCase()}(${column})`), then: null });

const byRow =
  (name: 'first' | 'last'): AskFor =>
  (column) => {
    const [arg, end] = name === 'first' ? ['arg_min', 'MIN'] : ['arg_max', 'MAX'];
    const kept = `FILTER (WHERE ${column} IS NOT NULL)`;
    return {
      expression: `${arg}(${asDouble(column)}, ${rowColumn}) ${kept}`,
      row: `${end}(${rowColumn}) ${kept}`,
      then: name,
    };
  };

const percentileOf = (column: string, share: number): Asked => ({
  expression: `quantile_cont(${asDouble(column)}, ${share})`,
  then: null,
});

export const aggregateSql: Record<Aggregate, AskFor> = {
  sum: same('sum'),
  min: same('min'),
  max: same('max'),
  count: (column) => ({ expression: `COUNT(${column})`, then: null }),
  first: byRow('first'),
  last: byRow('last'),
  mean: (column) => ({
    expression: `${asDouble(`SUM(${column})`)} / COUNT(${column})`,
    then: null,
  }),
  deviation: (column) => ({ expression: `stddev_samp(${asDouble(column)})`, then: null }),
  distinct: (column) => ({ expression: `NULLIF(COUNT(DISTINCT ${column}), 0)`, then: null }),
  median: (column) => percentileOf(column, 0.5),
  percentile: (column, percent) => percentileOf(column, percent / 100),
};
