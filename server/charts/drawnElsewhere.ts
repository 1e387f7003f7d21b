import { eq } from 'drizzle-orm';
import type { ChartDefinition } from '../../core/chart';
import { type FiguresDefinition, measureOf, originKind, sourceOfFigures } from '../../core/origins';
import { type Queries, tables } from '../database';
import { Refusal } from '../http';
import { measuresOf } from '../measures';

const { charts } = tables;

interface Elsewhere {
  /** by the source it draws from: the one it draws from there */
  sourceIds: ReadonlyMap<number, number>;
  /** what a measure that it draws is called; undefined where that is not known */
  measureName: (measureId: number) => string | undefined;
}

/**
 * A definition as it draws on another dashboard, or from other sources: measures are found by their
 * names, and a companion that does not lie there is left out.
 * @throws Refusal 422 that names a measure which its source does not have there
 */
export async function drawnElsewhere(
  queries: Queries,
  dashboardId: number,
  definition: ChartDefinition,
  { sourceIds, measureName }: Elsewhere,
): Promise<ChartDefinition> {
  const measures = await measuresOf(queries, [...sourceIds.values()]);
  const figuresThere = (figures: FiguresDefinition): FiguresDefinition => {
    const sourceId = sourceIds.get(sourceOfFigures(figures) ?? 0);
    if (sourceId === undefined) return figures;
    const asked = measureOf(figures);
    const move = (measureId: number | null) =>
      originKind(figures).movedTo?.(figures, { sourceId, measureId }) ?? figures;
    if (!asked) return move(null);
    const name = asked.measureId === null ? undefined : measureName(asked.measureId);
    const found = measures.find((each) => each.sourceId === sourceId && each.name === name);
    if (found) return move(found.id);
    const sentence = `The chart draws the measure “${name ?? asked.measureId}”, which its source does not have here. Name it first.`;
    throw new Refusal(422, { code: 'measure-missing', sentence });
  };
  return {
    ...definition,
    series: definition.series.map((each) => ({ ...each, figures: figuresThere(each.figures) })),
    yardsticks: definition.yardsticks.map((each) =>
      each.kind === 'recorded' && each.sourceId !== null
        ? { ...each, sourceId: sourceIds.get(each.sourceId) ?? null }
        : each,
    ),
    linking: await linkingHere(queries, dashboardId, definition.linking),
  };
}

/** A companion that does not lie on the dashboard stands beside nothing there. */
async function linkingHere(
  queries: Queries,
  dashboardId: number,
  ties: ChartDefinition['linking'],
): Promise<ChartDefinition['linking']> {
  if (!ties?.peek || (await isOn(queries, dashboardId, ties.peek.chart))) return ties;
  const { peek: _elsewhere, ...rest } = ties;
  return rest;
}

async function isOn(queries: Queries, dashboardId: number, chartId: number): Promise<boolean> {
  const [found] = await queries
    .select({ dashboardId: charts.dashboardId })
    .from(charts)
    .where(eq(charts.id, chartId));
  return found?.dashboardId === dashboardId;
}
