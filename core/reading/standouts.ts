import type { DrawnChart } from '../chart';
import { type FigureFormat, writeFigure } from '../labels';
import { pickOut } from '../standouts';
import type { ReadSeries, ReadStandout } from './reading';

/** Picks out points of the finished periods, all lines of a series in a panel together. */
export function readStandouts(
  chart: Pick<DrawnChart, 'standouts'>,
  series: readonly ReadSeries[],
  format: FigureFormat,
): ReadStandout[] {
  return chart.standouts.flatMap(({ id, series: of, pick }) => {
    const own = series.filter(({ seriesId }) => seriesId === of);
    const finished = own.map(({ figures, open }) =>
      figures.map((figure, place) => (open[place] ? null : figure)),
    );
    return pickOut(finished, pick).map(({ line, place, figure }) => ({
      ...{ id, pick, figure, period: place },
      series: own[line]?.id ?? '',
      label: writeFigure(figure, format),
    }));
  });
}
