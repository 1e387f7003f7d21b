import type { Position } from '../arrangements';
import { sayOnBoth } from './axesApart';
import type { DrawnChart, DrawnSeries } from '../chart';
import type { SeriesFrames } from '../figures';
import { writeWhole } from '../labels';
import type { Comparison } from './reading';
import { mostLines, mostPeriods, type SeriesLine } from '../series';

/** What the reader should know about how the figures came about. */
export function remarks(
  chart: DrawnChart,
  frames: SeriesFrames,
  periods: readonly Position[],
  lines: readonly SeriesLine[],
  comparisons: readonly Comparison[],
): string[] {
  const actuals = lines.filter(({ role }) => role === 'actual');
  const open = periods.find(
    (period, place) => period.open && actuals.some(({ drawn }) => drawn[place] !== null),
  );
  const drawn = lines.filter(({ definition }) => !definition.hidden).length;
  return [
    ...chart.series.flatMap((series) => sayWithin(chart, series, frames)),
    ...chart.series.flatMap((series) => sayUndivided(series, lines)),
    ...sayOnBoth(chart),
    ...lines.flatMap(sayReadings),
    ...(open ? [sayOpen(open, comparisons)] : []),
    ...(drawn > mostLines ? [`The first ${mostLines} of ${drawn} lines are drawn.`] : []),
    ...(periods.length >= mostPeriods
      ? [`The first ${mostPeriods} periods are drawn. Choose a longer period, or fewer years.`]
      : []),
  ];
}

/** That a period is not complete, and whether it is judged all the same. */
function sayOpen({ label }: Position, comparisons: readonly Comparison[]): string {
  const held = comparisons.find(({ toDate }) => toDate);
  const share =
    held?.toDate && held.toDate.share < 1 ? `${Math.round(held.toDate.share * 100)}% of ` : '';
  const judged = held
    ? `, and held against ${share}${held.markName}${share && ', its share to date'}`
    : ' and not judged';
  return `${label} is not complete yet: it is drawn lighter${judged}.`;
}

/** How figures that were recorded by longer periods stand within the drawn ones. */
function sayWithin({ grain }: DrawnChart, { id, name }: DrawnSeries, frames: SeriesFrames) {
  const frame = frames[id];
  if (!frame?.within) return [];
  const recorded = `${name} is recorded by ${frame.recordedGrain}`;
  return {
    refused: [
      `${recorded}, so it is not drawn by ${grain}. Choose ${frame.recordedGrain} or longer, or spread it evenly over days.`,
    ],
    repeated: [`${recorded}: its level holds for each ${grain} of it.`],
    divided: [`${recorded} and is spread evenly over its days.`],
  }[frame.within];
}

/** That not all single readings are shown. */
function sayReadings({ name, readings }: SeriesLine) {
  if (!readings || readings.every === 1) return [];
  const { every, total } = readings;
  return [
    `Behind ${name} stands one of every ${every} of its ${writeWhole(total)} single readings.`,
  ];
}

/** Why the lines of a split are not held against a mark that is not split. */
function sayUndivided({ id, name, mark }: DrawnSeries, lines: readonly SeriesLine[]) {
  const against = lines.find(({ seriesId }) => seriesId === mark?.against);
  const split = lines.some((line) => line.seriesId === id && line.split);
  return against && split && !against.split && against.additive
    ? [
        `The lines of ${name} are not held against ${against.name}: it is what all of them add up to. Split it as well.`,
      ]
    : [];
}
