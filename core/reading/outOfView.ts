import type { DrawnChart } from '../chart';
import { turnsPart } from '../figures';
import type { Reading, ReadPanel, ReadYardstick } from './reading';

/**
 * What a dial has moved out of the picture of a chart, a sentence each.
 * @param chart as it is drawn
 * @param dial its name
 */
export function sayOutOfView(
  chart: Pick<DrawnChart, 'dials' | 'yardsticks'>,
  { panels, positions }: Reading,
  dial: string,
): string[] {
  const own = chart.dials.find(({ name }) => name === dial);
  if (!own || positions.length === 0) return [];
  const [first, last] = [positions[0]?.start ?? 0, positions.at(-1)?.next ?? 0];
  const isSeen = (
    panel: ReadPanel,
    { levels, bands, days, stretches, edges, second }: ReadYardstick,
  ) => {
    const axis = (second ? panel.second : panel.axis) ?? panel.axis;
    const meets = (low: number, high: number) => low <= axis.to && high >= axis.from;
    const across = levels.length > 0 || bands.length > 0;
    return (
      levels.some((level) => meets(level, level)) ||
      bands.some(({ from, to }) => meets(from, to)) ||
      days.some((day) => day >= first && day < last) ||
      stretches.some(({ from, to }) => from < last && to > first) ||
      // What changes from place to place is on the axis with the lines.
      (!across && edges !== null)
    );
  };
  return chart.yardsticks.flatMap((yardstick) => {
    if (!turnsPart(yardstick, own.id)) return [];
    const drawn = panels.flatMap((panel) =>
      panel.yardsticks
        .filter(({ id }) => id === yardstick.id)
        .map((each) => ({ name: each.name, seen: isSeen(panel, each) })),
    );
    const isOut = drawn.length > 0 && drawn.every(({ seen }) => !seen);
    return isOut ? [`${drawn[0]?.name} is out of view.`] : [];
  });
}
