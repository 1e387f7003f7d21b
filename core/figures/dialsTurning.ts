import type { DialDefinition } from '../dials';
import type { DrawnChart } from '../chart';

/**
 * The dials of a chart that turn something of it: what it draws from, a yardstick, a rule, what stands
 * out or apart.
 * @param chart as it is drawn
 */
export function dialsTurning(chart: DrawnChart): DialDefinition[] {
  const { dialsAsked = [], dialled = [], yardsticksBy, emphasises } = chart;
  const parts = [chart.yardsticks, chart.colourRules, chart.standouts, emphasises ?? null];
  return chart.dials.filter(
    ({ id, name }) =>
      dialsAsked.includes(name) ||
      dialled.includes(id) ||
      yardsticksBy === id ||
      parts.some((part) => turnsPart(part, id)),
  );
}

/**
 * Whether a part of a chart is turned by a dial.
 * @param thing any part, with all that it holds
 * @param id of the dial
 */
export function turnsPart(thing: unknown, id: string): boolean {
  if (typeof thing !== 'object' || thing === null) return false;
  return Object.entries(thing).some(
    ([field, value]) => (field === 'dial' && value === id) || turnsPart(value, id),
  );
}

/**
 * What a number dial counts, where nothing is said of it: days, where it sets how far a line stands from
 * today. Undefined where it counts nothing that is known.
 * @param id of the dial
 */
export function dialCounts(
  { yardsticks }: Pick<DrawnChart, 'yardsticks'>,
  id: string,
): string | undefined {
  const line = yardsticks.find((each) => each.kind === 'today' && each.dial === id);
  if (line?.kind !== 'today') return undefined;
  return line.back ? 'days back' : 'days on';
}
