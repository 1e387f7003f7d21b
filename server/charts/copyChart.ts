import { and, eq, isNull } from 'drizzle-orm';
import { type CopyBody, placeBelow } from '../../contract';
import type { ChartDefinition } from '../../core/chart';
import type { chartOf } from '../dashboards';
import { type Queries, tables } from '../database';
import { measuresOf } from '../measures';
import { sourcesOf } from '../sources';
import { drawnElsewhere } from './drawnElsewhere';

const { charts } = tables;

/** Two charts of one name on a dashboard are told apart. */
const copied = ', copied';
const longestTitle = 160;

/**
 * Copies a chart, placed under the others of a dashboard, without its notes; within a transaction.
 * @param chart as it stands
 * @param asked where to, and the sources that it draws from there in place of its own
 * @throws Refusal 422 that names a measure which another source does not have
 */
export async function copyChart(
  change: Queries,
  chart: Pick<ReturnType<typeof chartOf>, 'definition' | 'dashboardId'>,
  { dashboardId, sources }: CopyBody,
): Promise<{ id: number; definition: ChartDefinition }> {
  const from = sourcesOf(chart.definition);
  const measures = await measuresOf(change, from);
  const instead = new Map(sources.map((each) => [each.from, each.to]));
  const drawn = await drawnElsewhere(change, dashboardId, chart.definition, {
    sourceIds: new Map(from.map((id) => [id, instead.get(id) ?? id])),
    measureName: (measureId) => measures.find(({ id }) => id === measureId)?.name,
  });
  const isBeside = chart.dashboardId === dashboardId && sources.length === 0;
  const title = isBeside
    ? drawn.title.slice(0, longestTitle - copied.length) + copied
    : drawn.title;
  const definition = { ...drawn, title };
  const others = await change
    .select({ place: charts.place })
    .from(charts)
    .where(and(eq(charts.dashboardId, dashboardId), isNull(charts.deletedAt)));
  const place = placeBelow(others.map((each) => each.place));
  const [{ insertId: id }] = await change.insert(charts).values({ dashboardId, definition, place });
  return { id, definition };
}
