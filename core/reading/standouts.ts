import type { DrawnChart } from '../chart';
import { type FigureFormat, writeFigure } from '../labels';
import { extremePlaces } from '../standouts';
import type { ReadSeries, ReadStandout } from './reading';

/** Picks out points. Extremes are taken over the finished periods, all lines of a series together. */
export function readStandouts(
  chart: Pick<DrawnChart, 'standouts'>,
  series: readonly ReadSeries[],
  format: FigureFormat,
): ReadStandout[] {
  return chart.standouts.flatMap(({ id, series: of, pick }) => {
    const own = series
      .filter(({ seriesId }) => seriesId === of)
      .flatMap((line) =>
        extremePlaces(line.figures, pick, line.open).map((period) => ({
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
