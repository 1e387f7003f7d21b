import type { ChartDefinition } from '../definition';
import { type FirstChart, fromFirst } from './fromFirst';
import { fromSecond, type SecondChart } from './fromSecond';
import { fromThird, type ThirdChart } from './fromThird';

/** A definition as any version stored it. */
export type StoredChart = FirstChart | SecondChart | ThirdChart | ChartDefinition;

/**
 * Turns a definition as any version stored it into one of today's, step by step. A step knows its own
 * version and the next by forms and figures of its own: what is plain today may be another thing later.
 * @throws TypeError when it is no chart of any version
 */
export function upgradeChart(stored: StoredChart): ChartDefinition {
  const second = stored.version === 1 ? fromFirst(stored) : stored;
  const third = second.version === 2 ? fromSecond(second) : second;
  // Whoever stored it had it held against the schema of that time.
  return (third.version === 3 ? fromThird(third) : third) as ChartDefinition;
}
