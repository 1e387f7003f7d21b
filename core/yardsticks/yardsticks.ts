import type { Day } from '../calendar';
import type { YardstickDefinition, YardstickValue } from '../chart';
import { type AxisPeriod, pooledFigures, type SeriesLine } from '../series';
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

/**
 * Finds the value of each yardstick from what is drawn: statistics are taken over the finished
 * periods shown, all lines of the series together.
 */
export function findYardsticks(
  definitions: readonly YardstickDefinition[],
  lines: readonly SeriesLine[],
  axis: readonly AxisPeriod[],
  today: Day,
): Yardstick[] {
  return definitions.map((definition) => {
    if (definition.kind === 'today') {
      const { id, kind, offsetDays } = definition;
      const day = today + offsetDays;
      const first = axis[0];
      const last = axis.at(-1);
      const shown = !!first && !!last && day >= first.start && day < last.next;
      return { id, kind, offsetDays, day, shown };
    }
    const { id, kind, name, onAxis } = definition;
    return { id, kind, name, onAxis, ...findValue(definition.value, lines, axis) };
  });
}

function findValue(
  value: YardstickValue,
  lines: readonly SeriesLine[],
  axis: readonly AxisPeriod[],
): Pick<LineYardstick, 'value' | 'exact' | 'scope'> {
  if (value.kind === 'number') return { value: value.number, exact: true, scope: '' };
  const own = lines.filter((line) => line.definition.id === value.series);
  const figures = pooledFigures(own, axis);
  const found = value.statistic === 'mean' ? mean(figures) : median(figures);
  const name = own[0]?.definition.name ?? 'a series that is gone';
  return {
    value: found,
    exact: false,
    scope: `${value.statistic} of ${name} over ${count(figures)} finished figures shown`,
  };
}
