import type { DrawnChart } from '../chart';
import { type FigureFormat, writeFigure } from '../labels';
import type { AxisPeriod } from '../series';
import { extremePlaces } from '../standouts';
import type { ReadSeries, ReadStandout } from './reading';

/** Picks out points. Extremes are taken over the finished periods, all lines of a series together. */
export function readStandouts(
  chart: Pick<DrawnChart, 'standouts'>,
  series: readonly ReadSeries[],
  periods: readonly AxisPeriod[],
  format: FigureFormat,
): ReadStandout[] {
  const open = periods.map((period) => period.open);
  return chart.standouts.flatMap(({ id, series: of, pick }) => {
    const own = series
      .filter(({ definitionId }) => definitionId === of)
      .flatMap((line) =>
        extremePlaces(line.figures, pick, open).map((period) => ({
          series: line.id,
          period,
          figure: line.figures[period] as number,
        })),
      );
    const best = extremePlaces(
      own.map(({ figure }) => figure),
      pick,
    );
    return best.map((place) => {
      const point = own[place] as (typeof own)[number];
      return { id, pick, ...point, label: writeFigure(point.figure, format) };
    });
  });
}
