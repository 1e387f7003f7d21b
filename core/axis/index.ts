import type { AxisColumn } from '../frame';
import { ofKind } from '../sentences';
import { type DefinitionOf, registry } from '../registry';
import type { AxisKind } from './axisKind';
import { numbers } from './numbers';
import { periods } from './periods';
import { recorded } from './recorded';
import { words } from './words';
import { years } from './years';

const all = [periods, recorded, numbers, years, words];

export type { WordOrder } from './wordOrder';

/** What stands along a chart's axis. */
export type AxisDefinition = DefinitionOf<(typeof all)[number]>;

const { kinds, of: axisKind, schema: axisSchema } = registry<AxisKind<AxisDefinition>>('axis', all);
export { axisKind, axisSchema };

/** What stands along the axis, in a sentence. */
export const axisEntry = ofKind<AxisDefinition>(kinds);

/**
 * Whether the periods of the chart's grain stand along its axis.
 * @param axis what stands along the axis
 */
export const isOfPeriods = (axis: AxisDefinition): boolean => axisKind(axis).ofPeriods ?? false;

/**
 * The column along which a chart stands; null for dates.
 * @param axis what stands along the axis
 */
export const axisColumn = (axis: AxisDefinition): AxisColumn | null =>
  axisKind(axis).column?.(axis) ?? null;
