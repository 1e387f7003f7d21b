import { lazy } from 'yup';
import type { AlongColumn } from '../frame';
import { type DefinitionOf, registry } from '../registry';
import type { AxisKind } from './axisKind';
import { numbers } from './numbers';
import { periods } from './periods';
import { recorded } from './recorded';
import { words } from './words';

const all = [periods, recorded, numbers, words];

/** What stands along a chart's axis. */
export type AxisDefinition = DefinitionOf<(typeof all)[number]>;

const { of: axisKind, schemaFor } = registry<AxisKind<AxisDefinition>>('axis', all);
export { axisKind };

/** What says nothing of its axis has the periods of its grain along it. */
export const axisSchema = lazy((value: Partial<AxisDefinition> | undefined) =>
  schemaFor({ ...value, kind: value?.kind ?? 'periods' }),
);

/** Whether the periods of the chart's grain stand along its axis. */
export const isOfPeriods = (axis: AxisDefinition): boolean => axisKind(axis).ofPeriods ?? false;

/** The column along which a chart stands; null for dates. */
export const alongColumn = (axis: AxisDefinition): AlongColumn | null =>
  axisKind(axis).column?.(axis) ?? null;
