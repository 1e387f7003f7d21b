import type { ChartDefinition } from '../chart';
import type { DialValue } from '../dials';
import type { Measure } from '../measures';
import { withDialledFilters } from './dialledFilters';
import { withMeasures } from './measures';
import { withReadingsBands } from './readingsBands';
import { atGrain } from './readerGrain';

/** What is known by now of how a chart is asked for; what is left out is not known yet. */
interface Asked {
  /** the grain that a reader has chosen */
  grain?: string;
  /** those of the sources that the chart draws from */
  measures?: readonly Measure[];
  /** where a reader has turned dials to, by their names */
  turned?: Readonly<Record<string, DialValue>>;
}

/**
 * Puts what parts of a chart stand for in their places, in the only order that gives the same figures
 * whoever asks: first the grain, by which all else is reckoned; then measures, which tell of what sources
 * and columns a chart is, and so what it can be narrowed by; and once it is narrowed, filters where dials
 * stand, and bands over single readings, which count what all filters leave.
 * @param asked the grain, the measures of its sources and where dials were turned; what is not
 * given stays unexpanded
 */
export function expandChart(
  chart: ChartDefinition,
  { grain, measures, turned }: Asked,
): ChartDefinition {
  const chosen = grain === undefined ? chart : atGrain(chart, grain);
  const measured = measures === undefined ? chosen : withMeasures(chosen, measures);
  if (turned === undefined) return measured;
  return withReadingsBands(withDialledFilters(measured, turned));
}
