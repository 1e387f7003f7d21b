import { lazy, mixed, object, string } from 'yup';
import { dateText, type Day, parseDay } from '../calendar';
import { figure } from '../values';

/** A number that readers can turn within a range. */
export interface NumberDial {
  kind: 'number';
  id: string;
  name: string;
  value: number;
  from: number;
  to: number;
  step: number;
}

/** A date that readers can set. */
export interface DateDial {
  kind: 'date';
  id: string;
  name: string;
  /** written 2026-11-23 */
  value: string;
}

/** A named value that yardsticks, rules and formulas use, and readers can turn for themselves. */
export type DialDefinition = NumberDial | DateDial;

/** Where a dial stands: a number, or a date written 2026-11-23. */
export type DialValue = number | string;

/** Where dials stand, by their ids. */
export type DialValues = ReadonlyMap<string, DialValue>;

const named = {
  id: string().required().max(40),
  name: string().required().trim().min(1).max(120),
};

const schemas = {
  number: object({
    kind: mixed<'number'>().oneOf(['number']).required(),
    ...named,
    value: figure().required(),
    from: figure().required(),
    to: figure()
      .required()
      .test(
        'above',
        'A dial ends above where it starts.',
        (to, { parent }) => to > (parent as NumberDial).from,
      ),
    step: figure().positive().required(),
  }),
  date: object({
    kind: mixed<'date'>().oneOf(['date']).required(),
    ...named,
    value: dateText().required(),
  }),
};

export const dialSchema = lazy(
  (value: DialDefinition | undefined) =>
    schemas[value?.kind ?? 'number'] ??
    mixed<DialDefinition>().test('kind', 'There is no such dial.', () => false),
);

/**
 * Where the dials of a chart stand: as their author has set them, or as a reader has turned them. A
 * position that a dial does not have leaves it where it is.
 * @param turned by the names of dials: those of one name are turned together
 */
export function dialValues(
  dials: readonly DialDefinition[],
  turned: Readonly<Record<string, DialValue>> = {},
): DialValues {
  return new Map(dials.map((dial) => [dial.id, turnedTo(dial, turned[dial.name]) ?? dial.value]));
}

function turnedTo(dial: DialDefinition, to: DialValue | undefined): DialValue | null {
  if (to === undefined) return null;
  if (dial.kind === 'number') {
    const number = Number(to);
    return Number.isFinite(number) ? Math.min(dial.to, Math.max(dial.from, number)) : null;
  }
  return parseDay(String(to)) === null ? null : String(to);
}

/** The number that a dial stands at; null for one that is gone or is no number. */
export const numberAt = (dials: DialValues, id: string): number | null => {
  const value = dials.get(id);
  return typeof value === 'number' ? value : null;
};

/** The day that a dial stands at; null for one that is gone or is no date. */
export const dayAt = (dials: DialValues, id: string): Day | null => {
  const value = dials.get(id);
  return typeof value === 'string' ? parseDay(value) : null;
};
