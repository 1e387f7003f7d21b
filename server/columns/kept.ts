import type { ColumnKind, Profile } from '../../core/table';
import type { StoredColumn } from '../database';

/** From so many digits behind the mark on, figures are kept as binary fractions. */
const mostDecimals = 12;

/** More digits than these cannot be kept in all. */
const mostDigits = 38;

/** How one column of a version is kept in its files. */
export interface KeptColumn {
  kind: ColumnKind;
  /** of figures: all their digits, and those behind the mark; 0: they are binary fractions */
  digits: number;
  decimals: number;
}

/**
 * How many digits the figures of a column need.
 * @param found what its cells hold
 * @returns 0 where they are kept as binary fractions, which are inexact
 */
export function digitsFor(kind: ColumnKind, found: Pick<Profile, 'decimals' | 'largest'>): number {
  if (kind !== 'number' || found.decimals > mostDecimals) return 0;
  const whole = Math.trunc(found.largest);
  const digits = (whole === 0 ? 1 : BigInt(whole).toString().length) + found.decimals;
  return digits <= mostDigits ? digits : 0;
}

/**
 * How a column is kept that is in several files, each with the digits that its own figures need: with
 * room for all of them, or as binary fractions, as one who reads the files together finds them.
 */
export function keptTogether(columns: readonly KeptColumn[]): KeptColumn {
  const [first] = columns as [KeptColumn];
  const decimals = Math.max(...columns.map((column) => column.decimals));
  const whole = Math.max(...columns.map((column) => column.digits - column.decimals));
  const isExact = columns.every(({ digits }) => digits > 0) && whole + decimals <= mostDigits;
  return { kind: first.kind, decimals, digits: isExact ? whole + decimals : 0 };
}

/** Whole numbers of so many digits are whole as figures too; of more, only what is written is exact. */
export const exactDigits = 15;

/** How the columns of a version are kept. */
export const keptColumns = (columns: readonly StoredColumn[]): KeptColumn[] =>
  columns.map(({ kind, digits = 0, decimals }) => ({ kind, digits, decimals }));

/**
 * The name in the files of the source's column at a place.
 * @param place of the column in its version, from 0
 */
export const fileColumn = (place: number) => `c${place}`;

/** The name in the files of the number of each row in its version. */
export const rowColumn = 'row';
