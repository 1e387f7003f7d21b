import isEqual from 'fast-deep-equal';
import type { Option } from './entry';
import { type Fields, get, set, without } from './fields';
import type { Names } from './names';

/** A part of a definition that only options say, as how a line is drawn. */
export interface Group {
  path: readonly string[];
  plain: object;
  /** left out of the definition while all of it is plain */
  leftOut: boolean;
}

/** All that a sentence says by silence. */
export function silenceOf(
  given: Fields,
  options: readonly Option[],
  groups: readonly Group[],
): Fields {
  const grouped = groups.reduceRight<Fields>(
    (value, { path, plain }) => set(value, path, plain),
    given,
  );
  return options.reduce<Fields>(
    (value, { path, plain }) => (plain === undefined ? value : set(value, path, plain)),
    grouped,
  );
}

/** A definition with what is left out of it written plainly. */
export const filledIn = (definition: Fields, groups: readonly Group[]): Fields =>
  groups.reduceRight<Fields>(
    (value, { path, plain }) => (get(value, path) === undefined ? set(value, path, plain) : value),
    definition,
  );

/** Fills in what else tells, and leaves out what is all plain, where definitions do. */
export function inOrder(
  said: Fields,
  options: readonly Option[],
  groups: readonly Group[],
  names: Names,
): Fields {
  const read = options.reduce<Fields>(
    (value, { path, plainBy }) =>
      plainBy && get(value, path) === undefined ? set(value, path, plainBy(value, names)) : value,
    said,
  );
  return groups.reduce<Fields>(
    (value, { path, plain, leftOut }) =>
      leftOut && isEqual(get(value, path), plain) ? without(value, path) : value,
    read,
  );
}
