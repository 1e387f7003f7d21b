import {
  type DateColumn,
  missingDay,
  type NumberColumn,
  type Table,
  type TextColumn,
} from '../table';
import { columnOf } from './columnOf';

/**
 * What a row must be to be kept, as a small tree: it is read over typed arrays here, and as a condition
 * of a statement where the rows are in a database. Nothing missing lies between two ends, and a blank
 * cell is the empty word; so each comparison either holds or does not.
 */
export type Comparison =
  | {
      is: 'between';
      column: string;
      of: 'number' | 'date';
      /** its ends included; dates as days since 1970; infinite: no end */
      from: number;
      to: number;
    }
  | { is: 'among'; column: string; words: readonly string[] }
  | { is: 'not'; of: Comparison }
  | { is: 'all'; of: readonly Comparison[] }
  | { is: 'any'; of: readonly Comparison[] };

type RowTest = (row: number) => boolean;

type Of<Is extends Comparison['is']> = Extract<Comparison, { is: Is }>;

const tests: { [Is in Comparison['is']]: (table: Table, comparison: Of<Is>) => RowTest } = {
  between: (table, { column, of, from, to }) =>
    of === 'date'
      ? betweenDays(columnOf(table, column, 'date'), from, to)
      : betweenFigures(columnOf(table, column, 'number'), from, to),
  among: (table, { column, words }) => amongWords(columnOf(table, column, 'text'), words),
  not: (table, { of }) => {
    const test = rowTest(table, of);
    return (row) => !test(row);
  },
  all: (table, { of }) => {
    const all = of.map((each) => rowTest(table, each));
    return (row) => all.every((test) => test(row));
  },
  any: (table, { of }) => {
    const any = of.map((each) => rowTest(table, each));
    return (row) => any.some((test) => test(row));
  },
};

/**
 * Whether a comparison holds, row by row.
 * @param table columns of equal length
 * @throws ProblemError when a column is gone or holds another kind of thing
 * @returns a test that takes the number of a row, from 0
 */
export function rowTest(table: Table, comparison: Comparison): RowTest {
  const test = tests[comparison.is] as (table: Table, comparison: Comparison) => RowTest;
  return test(table, comparison);
}

/** The columns that a comparison looks at. */
export const columnsCompared = (comparison: Comparison): string[] => {
  if ('column' in comparison) return [comparison.column];
  return comparison.is === 'not'
    ? columnsCompared(comparison.of)
    : comparison.of.flatMap(columnsCompared);
};

function betweenDays({ days }: DateColumn, from: number, to: number): RowTest {
  return (row) => {
    const day = days[row] as number;
    return day !== missingDay && day >= from && day <= to;
  };
}

function betweenFigures({ values }: NumberColumn, from: number, to: number): RowTest {
  return (row) => {
    const figure = values[row] as number;
    return figure >= from && figure <= to;
  };
}

function amongWords({ codes, words: all }: TextColumn, words: readonly string[]): RowTest {
  const wanted = new Set(words);
  const byCode = all.map((word) => wanted.has(word));
  const blank = wanted.has('');
  return (row) => byCode[codes[row] as number] ?? blank;
}
