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
  const found = kinds.find(({ kind }) => kind === narrowing.kind);
  return found?.narrow(narrowing, narrowed, picker) ?? null;
}
