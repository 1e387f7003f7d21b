import type { BoardStyle, DrawnChart, ValueAxisDefinition } from '../chart';
import { type FigureFormat, figureFormat, type ValueAxis, valueAxis } from '../labels';
import type { Yardstick } from '../yardsticks';
import { joinRanges, shownRange, type ShownRange } from './range';
import type { ArrangedChart } from './arrangeChart';
import type { ReadSeries } from './reading';

type Which = 'first' | 'second';

/** What a panel has to show before its axes are known. */
export interface Unscaled {
  series: readonly Omit<ReadSeries, 'format' | 'called'>[];
  yardsticks: readonly Yardstick[];
}

/** The value axes of a panel; null where no series stands on the second one. */
export interface Scales {
  first: ValueAxis;
  second: ValueAxis | null;
}

/** How the figures of each axis are written; they are alike in all panels. */
export type Formats = Readonly<Record<Which, FigureFormat>>;

const standsOn = <T extends { second: boolean }>(all: readonly T[], which: Which) =>
  all.filter(({ second }) => second === (which === 'second'));

/**
 * Finds the value axes of each panel and how their figures are written.
 * @param laid whether panels have value axes of their own, and what stands along them
 */
export function findScales(
  { axes }: Pick<DrawnChart, 'axes'>,
  panels: readonly Unscaled[],
  { ownAxes: own, axis: along }: Pick<ArrangedChart, 'ownAxes' | 'axis'>,
  style: Pick<BoardStyle, 'numbers'>,
): { scales: Scales[]; formats: Formats } {
  const rangesOn = (which: Which) =>
    panels.map(({ series, yardsticks }) =>
      shownRange(standsOn(series, which), standsOn(yardsticks, which)),
    );
  const first = rangesOn('first');
  const second = panels.some(({ series }) => series.some((each) => each.second))
    ? rangesOn('second')
    : null;
  // On one scale, both hold what either has to show.
  const both = second && axes.second.aligned;
  const held = both
    ? first.map((range, at) => joinRanges([range, second[at] as ShownRange]))
    : first;
  const axisOf = (ranges: readonly ShownRange[], which: Which, at: number) => {
    const { lowest, highest } = own ? (ranges[at] as ShownRange) : joinRanges(ranges);
    const definition = both ? axes.first : axes[which];
    const on = both ? undefined : which;
    return valueAxis(lowest, highest, {
      ...definition,
      starts: startOf(definition, panels, { on, along }),
    });
  };
  return {
    scales: panels.map((_, at) => ({
      first: axisOf(held, 'first', at),
      second: second && axisOf(both ? held : second, both ? 'first' : 'second', at),
    })),
    formats: {
      first: formatOf(joinRanges(first), axes.first, style),
      second: formatOf(joinRanges(second ?? first), axes.second, style),
    },
  };
}

/** Bars stand on zero; a slope, which has no scale, uses all of its height. */
function startOf(
  { starts }: ValueAxisDefinition,
  panels: readonly Unscaled[],
  { on, along }: { on: Which | undefined; along: ArrangedChart['axis'] },
) {
  const bars = panels.some(({ series }) =>
    series.some(({ shape, second }) => shape === 'bars' && (!on || second === (on === 'second'))),
  );
  if (bars) return 'zero';
  return along === 'ends' && starts === 'suited' ? 'data' : starts;
}

function formatOf(
  { lowest, highest, whole }: ShownRange,
  { numbers }: ValueAxisDefinition,
  style: Pick<BoardStyle, 'numbers'>,
): FigureFormat {
  const largest = Math.max(Math.abs(lowest), Math.abs(highest));
  return figureFormat(largest, whole, numbers ?? style.numbers);
}
