import { lazy, mixed } from 'yup';
import type { ChartDefinition } from '../definition';
import { type DatesNarrowing, dates } from './dates';
import { type LineNarrowing, line } from './line';
import type { NarrowedChart, NarrowingKind } from './narrowing';

/** What a reader has picked in a chart, by which the other charts of its dashboard are narrowed. */
export type Narrowing = LineNarrowing | DatesNarrowing;
export type { DatesNarrowing, LineNarrowing, NarrowedChart };

const kinds = [line, dates] as unknown as readonly NarrowingKind<Narrowing>[];

export const narrowingSchema = lazy(
  (value: Narrowing | undefined) =>
    kinds.find(({ kind }) => kind === value?.kind)?.schema ??
    mixed<Narrowing>().test('kind', 'There is no such choice.', () => false),
);

const kindOf = (narrowing: Narrowing) => kinds.find(({ kind }) => kind === narrowing.kind);

/** What a narrowing keeps, in a few words. */
export const sayNarrowing = (narrowing: Narrowing): string =>
  kindOf(narrowing)?.say(narrowing) ?? '';

/**
 * What a chart shows of what was picked in others: only that, or all, where it cannot follow.
 * @param follows by narrowing: whether the chart follows it; one that nothing is known of is not told
 */
export function sayNarrowed(
  narrowings: readonly Narrowing[],
  follows: readonly boolean[] | undefined,
): string {
  const parts = (follow: boolean) =>
    narrowings.filter((_, at) => follows?.[at] === follow).map(sayNarrowing);
  const [kept, not] = [parts(true), parts(false)];
  return [
    kept.length > 0 && `only ${kept.join(' and ')}`,
    not.length > 0 && (kept.length > 0 ? `not narrowed to ${not.join(' and ')}` : 'not narrowed'),
  ]
    .filter(Boolean)
    .join(', ');
}

/**
 * Narrows a chart by what was picked in another.
 * @returns null where the chart cannot follow, or its author has not let the other narrow any
 */
export function narrowedBy(
  narrowing: Narrowing,
  narrowed: NarrowedChart,
  picker: ChartDefinition,
): ChartDefinition | null {
  const { narrows = false, peek } = picker.together ?? {};
  if (!narrows && !peek) return null;
  return kindOf(narrowing)?.narrow(narrowing, narrowed, picker) ?? null;
}
