import { type Comparison, type Filter, filterKind } from '../../core/frame';
import type { StoredColumn } from '../database';
import { factsColumn, wordsTable } from '../sources';
import type { VersionColumns } from './versionColumns';
import { daysToEpoch } from './loadColumns';

/** A part of a statement with the values that stand in it. */
export interface Sql {
  text: string;
  values: (number | string)[];
}

/** A column of a version, and where it stands. */
export interface Placed {
  place: number;
  stored: StoredColumn;
}

/** Finds a column of a version by its name. */
export function columnNamed({ columns }: VersionColumns, name: string): Placed {
  const place = columns.findIndex((column) => column.name === name);
  return { place, stored: columns[place] as StoredColumn };
}

type Of<Is extends Comparison['is']> = Extract<Comparison, { is: Is }>;

const conditions: {
  [Is in Comparison['is']]: (version: VersionColumns, comparison: Of<Is>) => Sql;
} = {
  between: (version, { column, of, from, to }) => {
    const name = factsColumn(columnNamed(version, column).place);
    const end = of === 'date' ? 'FROM_DAYS(?)' : '?';
    const bound = (sign: '>=' | '<=', value: number) =>
      Number.isFinite(value)
        ? [{ text: `${name} ${sign} ${end}`, value: of === 'date' ? value + daysToEpoch : value }]
        : [];
    const bounds = [...bound('>=', from), ...bound('<=', to)];
    return {
      // A comparison either holds or does not: SQL would not tell of what is missing.
      text: `(${[`${name} IS NOT NULL`, ...bounds.map(({ text }) => text)].join(' AND ')})`,
      values: bounds.map(({ value }) => value),
    };
  },
  among: (version, { column, words }) => {
    const { text, values } = wordsIn(version, columnNamed(version, column), words);
    return { text: `(${text})`, values };
  },
  not: (version, { of }) => {
    const { text, values } = conditionOf(version, of);
    return { text: `NOT ${text}`, values };
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
export function wordsIn(version: VersionColumns, { place }: Placed, words: readonly string[]): Sql {
  const name = factsColumn(place);
  const named = words.filter((word) => word !== '');
  const blank = words.length > named.length ? `${name} IS NULL` : 'FALSE';
  if (named.length === 0) return { text: blank, values: [] };
  const marks = named.map(() => '?').join(', ');
  const codes = `SELECT code FROM ${wordsTable(version.versionId)} WHERE place = ? AND word IN (${marks})`;
  return {
    text: `${blank} OR COALESCE(${name} IN (${codes}), FALSE)`,
    values: [place, ...named],
  };
}
