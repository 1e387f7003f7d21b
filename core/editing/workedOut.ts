import { type ChartDefinition, plainStroke, type SeriesDefinition } from '../chart';
import { isProblem, isSameName, mentionedIn, readFormula } from '../formula';
import { formulaOf } from '../origins';
import { freshId, nextPlace } from './draft';

/** Another chart in which something is worked out. */
export interface WorkedChart {
  title: string;
  series: readonly SeriesDefinition[];
}

/** A series that is worked out by a formula in another chart. */
export interface WorkedOut {
  from: WorkedChart;
  series: SeriesDefinition;
  formula: string;
}

/**
 * What was worked out in other charts and can be in this one, each once: a formula whose names stand in
 * this chart, or can be taken along.
 * @param others those that are asked first come first
 */
export function workedOutElsewhere(
  chart: Pick<ChartDefinition, 'series'>,
  others: readonly WorkedChart[],
): WorkedOut[] {
  const known = new Set(chart.series.map(keyOf));
  return others.flatMap((from) =>
    from.series.flatMap((series) => {
      const formula = formulaOf(series.figures);
      const key = keyOf(series);
      const names = [...from.series, ...chart.series].map(({ name }) => name);
      if (formula === null || known.has(key) || isProblem(readFormula(formula, names))) return [];
      known.add(key);
      return [{ from, series, formula }];
    }),
  );
}

const keyOf = ({ name, figures }: SeriesDefinition) => `${name}\n${formulaOf(figures) ?? ''}`;

/**
 * A chart with what was worked out in another. What its formula names is this chart's own where it has a
 * series of that name; else it comes along, and is not drawn.
 */
export function withWorkedOut(
  chart: ChartDefinition,
  { from, series }: Pick<WorkedOut, 'from' | 'series'>,
): ChartDefinition {
  const formula = formulaOf(series.figures) ?? '';
  // What comes along is never asked for by what it is needed for itself.
  const rest = { ...from, series: from.series.filter(({ id }) => id !== series.id) };
  const along = rest.series
    .filter(({ name }) => mentionedIn(formula, name))
    .reduce<ChartDefinition>(
      (before, each) =>
        before.series.some(({ name }) => isSameName(name, each.name))
          ? before
          : withWorkedOut(before, { from: rest, series: { ...each, hidden: true } }),
      chart,
    );
  return withAlone(along, series);
}

/** A series as it stands in another chart, without what it had to do with the others there. */
function withAlone(chart: ChartDefinition, series: SeriesDefinition): ChartDefinition {
  const { place: _, ...look } = { ...plainStroke, ...series.stroke };
  const id = freshId(
    series.id,
    chart.series.map((each) => each.id),
  );
  const stroke = { ...look, place: nextPlace(chart) };
  const alone = { ...series, id, mark: null, handover: null, split: null, stroke };
  return { ...chart, series: [...chart.series, alone] };
}
