import { isFigure } from '../values';
import type { ChartDefinition, YardstickDefinition } from './definition';

/**
 * Mends a definition as it was stored by earlier versions, so that it can be saved unchanged: a level
 * beyond what can be drawn, or one that JSON could not write, drew nothing.
 */
export function upgradeChart(stored: ChartDefinition): ChartDefinition {
  const yardsticks = stored.yardsticks.filter(hasValue);
  return yardsticks.length === stored.yardsticks.length ? stored : { ...stored, yardsticks };
}

const hasValue = (yardstick: YardstickDefinition) =>
  yardstick.kind !== 'line' ||
  yardstick.value.kind !== 'number' ||
  // JSON has no word for what is no number: it was stored as null.
  isFigure(yardstick.value.number);
