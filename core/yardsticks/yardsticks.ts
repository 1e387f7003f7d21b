import type { Day } from '../calendar';
import type { YardstickDefinition, YardstickValue } from '../chart';
import type { AxisKind, Position } from '../arrangements';
import type { SeriesLine } from '../series';
import { count, mean, median } from '../statistics';

/** A level line with the value it found; null when there is nothing to find it from. */
export interface LineYardstick {
  id: string;
  kind: 'line';
  name: string;
  value: number | null;
  /** the value comes from no division */
  exact: boolean;
  onAxis: boolean;
  /** over what it was found, as "mean of Fares over 22 periods shown"; empty for a number */
  scope: string;
}

/** The today line. */
export interface TodayYardstick {
  id: string;
  kind: 'today';
  day: Day;
  offsetDays: number;
  /** whether the day is among the periods shown */
  shown: boolean;
}

export type Yardstick = LineYardstick | TodayYardstick;

/** The lines of a panel and the positions they stand on. */
export interface YardstickContext {
  axis: AxisKind;
  positions: readonly Position[];
  lines: readonly SeriesLine[];
  today: Day;
}

/**
 * Finds the value of each yardstick from what is drawn: statistics are taken over the finished
 * periods shown, all lines of the series together.
 */
export function findYardsticks(
  definitions: readonly YardstickDefinition[],
  context: YardstickContext,
): Yardstick[] {
  const { axis, positions, lines, today } = context;
  return definitions.map((definition) => {
    if (definition.kind === 'today') {
      const { id, kind, offsetDays } = definition;
      const day = today + offsetDays;
      const [first, last] = [positions[0], positions.at(-1)];
      const within = !!first && !!last && day >= first.start && day < last.next;
      return { id, kind, offsetDays, day, shown: axis === 'calendar' && within };
    }
    const { id, kind, name, onAxis } = definition;
    return { id, kind, name, onAxis, ...findValue(definition.value, lines) };
  });
}

function findValue(
  value: YardstickValue,
  lines: readonly SeriesLine[],
): Pick<LineYardstick, 'value' | 'exact' | 'scope'> {
  if (value.kind === 'number') return { value: value.number, exact: true, scope: '' };
  const own = lines.filter((line) => line.seriesId === value.series);
  const figures = own.flatMap((line) =>
    line.figures.map((figure, place) => (line.open[place] ? null : figure)),
  );
  const found = value.statistic === 'mean' ? mean(figures) : median(figures);
  const name = own[0]?.definition.name ?? 'a series that is gone';
  return {
    value: found,
    exact: false,
    scope: `${value.statistic} of ${name} over ${count(figures)} finished figures shown`,
  };
}
