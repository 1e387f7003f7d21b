import { daysOf, type Filter } from '../../core/frame';
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

/** Which rows a filter keeps. */
export function whereOf(version: VersionColumns, filter: Filter): Sql {
  const column = columnNamed(version, filter.column);
  const name = factsColumn(column.place);
  if (filter.kind === 'words') {
    const { text, values } = wordsIn(version, column, filter.words);
    return { text: filter.keep ? `(${text})` : `NOT (${text})`, values };
  }
  if (filter.kind === 'dates') {
    const [first, last] = daysOf(filter);
    const bounds = [
      ...(first > -Infinity ? [`${name} >= FROM_DAYS(${first + daysToEpoch})`] : []),
      ...(last < Infinity ? [`${name} <= FROM_DAYS(${last + daysToEpoch})`] : []),
    ];
    return { text: [`${name} IS NOT NULL`, ...bounds].join(' AND '), values: [] };
  }
  const ends = [
    ...(filter.from === null ? [] : [{ text: `${name} >= ?`, value: filter.from }]),
    ...(filter.to === null ? [] : [{ text: `${name} <= ?`, value: filter.to }]),
    { text: `${name} IS NOT NULL`, value: null },
  ];
  return {
    text: ends.map(({ text }) => text).join(' AND '),
    values: ends.flatMap(({ value }) => value ?? []),
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
