import { axisKind } from '../axis';
import { originKind } from '../origins';
import { namedBy } from '../yardsticks';
import {
  type ChartDefinition,
  isSamePart,
  namedParts,
  type Part,
  type SeriesDefinition,
} from '../chart';
import { withRenamed } from './renaming';

/** The name that a series has from the column it draws. */
export const nameOfFigures = ({ figures }: Pick<SeriesDefinition, 'figures'>): string | null =>
  originKind(figures).names?.(figures) ?? null;

/** Whether a name is one that was given by itself: that, or with a number after it where it was taken. */
const isFrom = (given: string | null, name: string): boolean =>
  given !== null && name.startsWith(given) && /^( \d+)?$/.test(name.slice(given.length));

/** The title that a chart has from its first series and from what stands along its axis. */
export function titleOfChart({ series, axis, grain }: ChartDefinition): string {
  const name = series[0]?.name ?? 'Rows';
  const { say, unit } = axisKind(axis);
  return `${name} ${say(axis, unit(grain))}`;
}

/** The name that a part has from what it is; null where it has none. */
function nameGiven({ series, yardsticks }: ChartDefinition, { of, id }: Part): string | null {
  const figures = of === 'series' && series.find((each) => each.id === id);
  if (figures) return nameOfFigures(figures);
  const yardstick = of === 'yardsticks' && yardsticks.find((each) => each.id === id);
  return yardstick ? namedBy(yardstick) : null;
}

/**
 * A chart as it was changed, its words with it: a title, or the name of a series or yardstick, that came
 * from what is drawn follows that, until somebody has written another.
 * @param before as it stood
 * @param after as it was changed, its words not yet
 */
export function withFollowingWords(
  before: ChartDefinition,
  after: ChartDefinition,
): ChartDefinition {
  const named = namedParts(after).reduce((chart, part) => {
    const old = namedParts(before).find((each) => isSamePart(each, part));
    const [given, now] = [nameGiven(before, part), nameGiven(chart, part)];
    const follows = old?.name === part.name && isFrom(given, part.name);
    if (!follows || now === null || now === given) return chart;
    return withRenamed(chart, part, now);
  }, after);
  const titled = before.title === titleOfChart(before) && named.title === before.title;
  const title = titleOfChart(named);
  return titled && title !== named.title ? { ...named, title } : named;
}
