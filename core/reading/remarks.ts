import { type DrawnChart, isCoarser, isDrawn, type SeriesFrames } from '../chart';
import { mostLines, mostPeriods } from '../series';
import type { ReadPeriod, ReadSeries } from './reading';

/** What the reader should know about how the figures came about. */
export function remarks(
  chart: DrawnChart,
  frames: SeriesFrames,
  periods: readonly ReadPeriod[],
  series: readonly ReadSeries[],
  lines: number,
): string[] {
  const coarse = chart.series.flatMap((one) => {
    const frame = frames[one.id];
    if (!frame || !isCoarser(chart, frame)) return [];
    const recorded = `${one.name} is recorded by ${frame.recordedGrain}`;
    return !isDrawn(chart, one, frame)
      ? [
          `${recorded}, so it is not drawn by ${chart.grain}. Choose ${frame.recordedGrain} or longer.`,
        ]
      : [`${recorded}: its level holds for each ${chart.grain} of it.`];
  });
  const actuals = series.filter(({ role }) => role === 'actual');
  const open = periods.find(
    (period, place) => period.open && actuals.some(({ figures }) => figures[place] !== null),
  );
  return [
    ...coarse,
    ...(open ? [`${open.label} is not complete yet: it is drawn lighter and not judged.`] : []),
    ...(lines > mostLines ? [`The first ${mostLines} of ${lines} lines are drawn.`] : []),
    ...(periods.length >= mostPeriods
      ? [`The first ${mostPeriods} periods are drawn. Choose a longer period, or fewer years.`]
      : []),
  ];
}
