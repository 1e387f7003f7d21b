import type { ChartDefinition } from '../definition';
import { type FirstChart, fromFirst } from './fromFirst';
import { fromFourth } from './fromFourth';
import { fromSecond, type SecondChart } from './fromSecond';
import { type FourthChart, fromThird, type ThirdChart } from './fromThird';

/** A definition in the form of any version: databases and written files keep that in which they were made. */
export type StoredChart = FirstChart | SecondChart | ThirdChart | FourthChart | ChartDefinition;

/**
 * Brings a definition of any version to the form of today, one step a version. Each step has the forms and
 * plain values of its time written down in its own file: those of the product may change after it.
 * @param stored a definition with the number of its version
 * @throws TypeError when it is no chart of any version
 */
export function upgradeChart(stored: StoredChart): ChartDefinition {
  const second = stored.version === 1 ? fromFirst(stored) : stored;
  const third = second.version === 2 ? fromSecond(second) : second;
  const fourth = third.version === 3 ? fromThird(third) : third;
  // Whoever stored it had it held against the schema of that time.
  return (fourth.version === 4 ? fromFourth(fourth) : fourth) as ChartDefinition;
}
