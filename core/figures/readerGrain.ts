import { isOfPeriods } from '../axis';
import { type Grain, grains } from '../calendar';
import type { ChartDefinition } from '../chart';

type Grained = Pick<ChartDefinition, 'axis' | 'grain' | 'readerGrains'>;

/** The grains that readers may choose between: the author's own among them; none where it is fixed. */
export function grainsOffered({ axis, grain, readerGrains = [] }: Grained): Grain[] {
  if (!isOfPeriods(axis)) return [];
  const offered = grains.filter((each) => each === grain || readerGrains.includes(each));
  return offered.length > 1 ? offered : [];
}

/**
 * A chart at the grain that a reader has chosen; as it is where the author does not offer that.
 * @param chosen the grain that a reader has chosen; undefined for none
 */
export function atGrain<Chart extends Grained>(chart: Chart, chosen: string | undefined): Chart {
  const grain = grainsOffered(chart).find((each) => each === chosen);
  return grain && grain !== chart.grain ? { ...chart, grain } : chart;
}
