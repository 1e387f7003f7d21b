import { axisColumn, isOfPeriods } from '../axis';
import type { ChartDefinition, SeriesDefinition } from '../chart';
import { derivedKind } from '../derived';
import type { FullSeries, SeriesFrame } from './seriesFrame';

/** No period lies further behind its counterpart of the year before, in days. */
const longestYear = 53 * 7;

/**
 * The figures of the year before the first period that is shown: with them every period that is shown
 * can be told beside its counterpart. Undefined where there are none, or nothing is compared so: along
 * a column, of dates as recorded, and where what is derived is found from the periods shown alone.
 * @param kept which of the periods of the series are shown
 * @param words the lines that are drawn
 */
export function earlierFigures(
  { axis }: Pick<ChartDefinition, 'axis'>,
  { derived }: SeriesDefinition,
  { periods, values, keys, constant }: FullSeries,
  { kept, words }: { kept: readonly boolean[]; words: readonly string[] },
): SeriesFrame['earlier'] {
  if (axisColumn(axis) || !isOfPeriods(axis) || constant !== null) return undefined;
  if (derived && derivedKind(derived).ofShown) return undefined;
  const first = periods[kept.indexOf(true)];
  if (first === undefined) return undefined;
  const places = periods.flatMap((start, at) =>
    start < first && start >= first - longestYear ? [at] : [],
  );
  if (places.length === 0) return undefined;
  return {
    periods: places.map((at) => periods[at] as number),
    values: words.map((word) => places.map((at) => values[keys.indexOf(word)]?.[at] ?? null)),
  };
}
