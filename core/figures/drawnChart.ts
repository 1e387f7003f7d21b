import { type AxisDefinition, axisKind } from '../axis';
import { derivedKind } from '../derived';
import { filterKind } from '../frame';
import type { ChartDefinition, ChartFilter, DrawnChart } from '../chart';
import { withReadingsBands } from './readingsBands';
import { dialsAsked, isSent } from './requests';

/** Whoever sees a chart: those who may build it, or those who only read it. */
export type SeenBy = 'editors' | 'readers';

/** What the filters of a chart keep, in words; empty without any. */
export function sayFilters(filters: readonly ChartFilter[], seenBy: SeenBy = 'editors'): string {
  const words = filters.flatMap(({ filter }) => {
    const { keepsAll, say, sayToReaders } = filterKind(filter);
    return keepsAll(filter) ? [] : (seenBy === 'readers' ? sayToReaders : say)(filter);
  });
  return [...new Set(words)].join(' and ');
}

/**
 * What of a chart is known to those who look at it: nothing of where its figures come from, and to those
 * who only read it no word that it does not draw.
 * @param seenBy editors also see words that are not drawn
 */
export function drawnChart(definition: ChartDefinition, seenBy: SeenBy = 'editors'): DrawnChart {
  const { filters, yardsticks, comments: _, ...chart } = withReadingsBands(definition);
  const shown = chart.series.filter(
    (each) =>
      seenBy === 'editors' ||
      isSent(definition, each) ||
      chart.series.some(({ handover }) => handover === each.id),
  );
  return {
    ...chart,
    axis: seenBy === 'readers' ? axisForReaders(chart.axis) : chart.axis,
    yardsticks: yardsticks.map((each) =>
      each.kind === 'recorded' ? { ...each, sourceId: null, date: '', label: '' } : each,
    ),
    dialsAsked: dialsAsked(definition),
    filtered: sayFilters(
      filters.filter(({ dial }) => dial === undefined),
      seenBy,
    ),
    dialled: filters.flatMap(({ dial }) => dial ?? []),
    series: shown.map(({ figures: _figures, derived, split, ...series }) => ({
      ...series,
      ...(derived && { derivedAs: derivedKind(derived).say(derived) }),
      // Which lines stand apart comes with their figures: other words are not theirs to know.
      split: split && { alike: split.alike },
    })),
  };
}

/** What stands along the axis comes with the figures, as far as it is drawn. */
const axisForReaders = (axis: AxisDefinition): AxisDefinition =>
  axisKind(axis).forReaders?.(axis) ?? axis;
