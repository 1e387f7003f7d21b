import type { Aggregate } from '../../core/frame';

/** How the database is asked for the figures of an aggregate. */
interface Asked {
  /** what is selected of each group */
  expression: string;
  /** how figures by day come to those of longer periods; null: it is asked at the drawn period */
  then: Aggregate | null;
}

/**
 * How the database takes a column together.
 * @param column its name in the facts, quoted; "*" for rows
 * @param percent which percentile, 0 to 100
 */
type AskFor = (column: string, percent: number) => Asked;

const asDouble = (column: string) => `CAST(${column} AS DOUBLE)`;

const same =
  (name: 'sum' | 'min' | 'max'): AskFor =>
  (column) => ({ expression: `${name.toUpperCase()}(${column})`, then: name });

const byRow =
  (name: 'first' | 'last'): AskFor =>
  (column) => ({
    expression: `${name === 'first' ? 'MIN' : 'MAX'}(IF(${column} IS NULL, NULL, \`row\`))`,
    then: name,
  });

const percentileOf = (column: string, share: number): Asked => ({
  expression: `PERCENTILE_CONT(${share}) WITHIN GROUP (ORDER BY ${asDouble(column)})`,
  then: null,
});

export const aggregateSql: Record<Aggregate, AskFor> = {
  sum: same('sum'),
  min: same('min'),
  max: same('max'),
  count: (column) => ({ expression: `COUNT(${column})`, then: 'sum' }),
  first: byRow('first'),
  last: byRow('last'),
  mean: (column) => ({
    expression: `${asDouble(`SUM(${column})`)} / COUNT(${column})`,
    then: null,
  }),
  deviation: (column) => ({ expression: `STDDEV_SAMP(${asDouble(column)})`, then: null }),
  distinct: (column) => ({ expression: `NULLIF(COUNT(DISTINCT ${column}), 0)`, then: null }),
  median: (column) => percentileOf(column, 0.5),
  percentile: (column, percent) => percentileOf(column, percent / 100),
};
