import { axisColumn } from '../axis';
import { turnsOf } from '../dials';
import type { Day } from '../calendar';
import { mentionedIn } from '../formula';
import { formulaOf, rowsOf } from '../origins';
import type { AxisColumn, FrameRequest } from '../frame';
import { drawnGrain, shownReach, spanFilter } from './reach';
import { type ChartDefinition, greysLines, type SeriesDefinition } from '../chart';
import { type WithDependencies, dependenciesOf, seriesOverAllPeriods } from './dependencies';

/** What of a series its source is asked by. */
type Asking = Pick<
  SeriesDefinition,
  'figures' | 'split' | 'evenly' | 'readings' | 'derived' | 'fixed'
>;

/**
 * What a series asks of its source at the chart's grain; null when it asks nothing of any.
 * @param columns the names of the source's columns: filters of the chart hold where there is theirs
 */
export function frameRequest(
  chart: Pick<ChartDefinition, 'axis' | 'grain' | 'span' | 'yearStart' | 'filters'>,
  { figures, split, evenly, readings, derived, fixed }: Asking,
  today: Day,
  columns: readonly string[],
): FrameRequest | null {
  const rows = rowsOf(figures);
  if (!rows) return null;
  const removing = chart.filters.filter(
    (each) => !greysLines(each, split?.column ?? null) && !(fixed && each.filter.kind === 'words'),
  );
  const shared = removing
    .map(({ filter }) => filter)
    .filter(({ column }) => columns.includes(column));
  const spanned = spanFilter(chart, rows.date, today);
  return {
    ...rows,
    filters: [...rows.filters, ...shared, ...(spanned ? [spanned] : [])],
    grain: drawnGrain(chart),
    axisColumn: orderedBy(axisColumn(chart.axis), columns),
    splitBy: split?.column ?? null,
    colourBy: split?.colourBy ?? null,
    top: split?.top ? { ...split.top, ...shownReach(chart, today), today } : null,
    evenly,
    // Rows of a split would have to be told apart by colour, and there are too many of them.
    readings: readings && !split && !derived && !axisColumn(chart.axis),
  };
}

/** What stands along the axis; what orders it where the source has that. */
const orderedBy = (along: AxisColumn | null, columns: readonly string[]): AxisColumn | null =>
  along?.by && !columns.includes(along.by.column) ? { column: along.column, of: along.of } : along;

/** Whether the figures of a series are sent: it is drawn, or something is held against it or found from it. */
export function isSent(
  chart: WithDependencies & Pick<ChartDefinition, 'series'>,
  { id, hidden }: Pick<SeriesDefinition, 'id' | 'hidden'>,
): boolean {
  if (!hidden || chart.series.some(({ mark }) => mark?.against === id)) return true;
  return dependenciesOf(chart).some(({ series }) => series === id);
}

/** The names of the dials that a chart's figures depend on: those in its formulas and its filters. */
export function dialsAsked({
  dials,
  series,
  filters,
}: Pick<ChartDefinition, 'dials' | 'series' | 'filters'>): string[] {
  const formulas = series.flatMap(({ figures }) => formulaOf(figures) ?? []);
  return dials.flatMap((each) => {
    const { id, name } = each;
    const inFormula =
      turnsOf(each).by === 'number' && formulas.some((text) => mentionedIn(text, name));
    return inFormula || filters.some(({ dial }) => dial === id) ? [name] : [];
  });
}

/**
 * Names all that the figures of a chart depend on; charts of one name have the same figures.
 * @param chart expanded
 */
export function figuresAsked(chart: ChartDefinition): string {
  const { axis, grain, span, yearStart, series, filters } = chart;
  const named = dialsAsked(chart);
  const dials = chart.dials.filter(({ name }) => named.includes(name));
  const asked = series.map(({ id, name, figures, derived, split, fixed, ...each }) => [
    id,
    figures,
    derived,
    split,
    each.evenly,
    each.readings,
    !!fixed,
    isSent(chart, { id, hidden: each.hidden }),
    // A formula names the series it uses.
    series.some((each) => formulaOf(each.figures) !== null) ? name : null,
  ]);
  const own = chart.yardsticks.filter(({ kind }) => kind === 'recorded' || kind === 'readings');
  const beyond = seriesOverAllPeriods(chart);
  return JSON.stringify([axis, grain, span, yearStart, filters, asked, dials, own, beyond]);
}
