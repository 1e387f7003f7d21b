import { namedBy } from '../yardsticks';
import { withChanged } from './draft';
import type { ChartDefinition, SeriesDefinition } from './definition';

/** The name that a series has from the column it draws. */
export const nameOfFigures = ({ figures }: Pick<SeriesDefinition, 'figures'>): string | null =>
  figures.kind === 'rows' ? (figures.column ?? 'Rows') : null;

/** The title that a chart has from its first series and from what stands along its axis. */
export function titleOfChart({ series, along, grain }: ChartDefinition): string {
  const name = series[0]?.name ?? 'Rows';
  if (along.kind === 'periods') return `${name} by ${grain}`;
  return 'column' in along && along.column ? `${name} by ${along.column}` : `${name} as recorded`;
}

/**
 * A chart as it was changed, its words with it: a title, or the name of a series or yardstick, that came
 * from what is drawn follows that, until somebody has written another.
 */
export function withFollowingWords(
  before: ChartDefinition,
  after: ChartDefinition,
): ChartDefinition {
  const renamed = after.series.reduce((chart, series) => {
    const old = before.series.find(({ id }) => id === series.id);
    const name = nameOfFigures(series);
    const follows = old && old.name === nameOfFigures(old) && series.name === old.name;
    return follows && name !== null && name !== old.name
      ? withChanged(chart, series.id, { name })
      : chart;
  }, after);
  const yardsticks = renamed.yardsticks.map((yardstick) => {
    const old = before.yardsticks.find(({ id }) => id === yardstick.id);
    const name = namedBy(yardstick);
    if (!old || name === null || !('name' in old) || !('name' in yardstick)) return yardstick;
    const follows = old.name === namedBy(old) && yardstick.name === old.name;
    return follows && name !== yardstick.name ? { ...yardstick, name } : yardstick;
  });
  const named = yardsticks.some((each, at) => each !== renamed.yardsticks[at])
    ? { ...renamed, yardsticks }
    : renamed;
  const titled = before.title === titleOfChart(before) && named.title === before.title;
  const title = titleOfChart(named);
  return titled && title !== named.title ? { ...named, title } : named;
}
