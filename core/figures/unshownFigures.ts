import { axisColumn } from '../axis';
import { type Day, nextPeriod } from '../calendar';
import { derivedKind } from '../derived';
import { drawnGrain } from './reach';
import type { ChartDefinition, SeriesDefinition } from '../chart';
import { type WithDependencies, seriesOverAllPeriods } from './dependencies';
import type { FullSeries, SeriesFrame } from './seriesFrame';

type Beyond = WithDependencies & Pick<ChartDefinition, 'axis' | 'grain'>;

/**
 * The finished figures of a series in periods that are not shown, by word; undefined where nothing
 * looks at them, or what is derived is found from those shown alone.
 * @param kept which of its periods are shown
 */
export function unshownFigures(
  chart: Beyond,
  { id, role, derived }: SeriesDefinition,
  { periods, values, completeTo, keys }: FullSeries,
  { kept, words, today }: { kept: readonly boolean[]; words: readonly string[]; today: Day },
): SeriesFrame['unshown'] {
  if (!seriesOverAllPeriods(chart).includes(id) || axisColumn(chart.axis)) return undefined;
  if (derived && derivedKind(derived).ofShown) return undefined;
  const grain = drawnGrain(chart);
  const isFinished = (start: Day) => {
    const next = nextPeriod(start, grain);
    return role !== 'actual' || (next <= today && next - 1 <= (completeTo ?? Infinity));
  };
  const places = periods.flatMap((start, at) => (!kept[at] && isFinished(start) ? [at] : []));
  return words.map((word) => {
    const own = values[keys.indexOf(word)] ?? [];
    return places.flatMap((at) => {
      const figure = own[at] ?? null;
      return figure === null ? [] : [{ start: periods[at] as Day, figure }];
    });
  });
}
