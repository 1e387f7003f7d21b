import { type Comparison, type Filter, filterKind } from '../../../core/frame';
import { fileColumn } from '../../columns';
import { columnNamed, type Placed, type VersionColumns } from '../versionColumns';

/** A part of a statement with the values that stand in it. */
export interface Sql {
  text: string;
  values: (number | string)[];
}

type Of<Is extends Comparison['is']> = Extract<Comparison, { is: Is }>;

const conditions: {
  [Is in Comparison['is']]: (version: VersionColumns, comparison: Of<Is>) => Sql;
} = {
  between: (version, { column, of, from, to }) => {
    const name = fileColumn(columnNamed(version, column).place);
    const cell = of === 'date' ? name : `CAST(${name} AS DOUBLE)`;
    const end = of === 'date' ? "DATE '1970-01-01' + CAST(? AS INTEGER)" : 'CAST(? AS DOUBLE)';
    const bound = (sign: '>=' | '<=', value: number) =>
      Number.isFinite(value) ? [{ text: `${cell} ${sign} ${end}`, value }] : [];
    const bounds = [...bound('>=', from), ...bound('<=', to)];
    return {
      // A comparison either holds or does not: SQL would not tell of what is missing.
      text: `(${[`${name} IS NOT NULL`, ...bounds.map(({ text }) => text)].join(' AND ')})`,
      values: bounds.map(({ value }) => value),
    };
  },
  among: (version, { column, words }) => {
    const { text, values } = wordsIn(columnNamed(version, column), words);
    return { text: `(${text})`, values };
  },
  not: (version, { of }) => {
    const { text, values } = conditionOf(version, of);
    return { text: `(NOT ${text})`, values };
  },
  all: (version, { of }) => joined(version, of, 'AND', 'TRUE'),
  any: (version, { of }) => joined(version, of, 'OR', 'FALSE'),
};

/** Which rows a filter keeps, as a condition of a statement. */
export const whereOf = (version: VersionColumns, filter: Filter): Sql =>
  conditionOf(version, filterKind(filter).compares(filter));

/** A comparison as a condition of a statement, in parentheses where it needs them. */
export function conditionOf(version: VersionColumns, comparison: Comparison): Sql {
  const write = conditions[comparison.is] as (
    version: VersionColumns,
    comparison: Comparison,
  ) => Sql;
  return write(version, comparison);
}

function joined(
  version: VersionColumns,
  of: readonly Comparison[],
  word: 'AND' | 'OR',
  none: string,
): Sql {
  const parts = of.map((each) => conditionOf(version, each));
  return {
    text: parts.length === 0 ? none : `(${parts.map(({ text }) => text).join(` ${word} `)})`,
    values: parts.flatMap(({ values }) => values),
  };
}

/** Whether a row has one of some words; the empty one is a blank cell. */
export function wordsIn({ place }: Placed, words: readonly string[]): Sql {
  const name = fileColumn(place);
  const named = words.filter((word) => word !== '');
  const blank = words.length > named.length ? `${name} IS NULL` : 'FALSE';
  if (named.length === 0) return { text: blank, values: [] };
  const marks = named.map(() => '?').join(', ');
  return { text: `${blank} OR COALESCE(${name} IN (${marks}), FALSE)`, values: named };
}
