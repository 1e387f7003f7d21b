import { and, asc, inArray, isNull } from 'drizzle-orm';
import type { ListedMeasure, Person } from '../../contract';
import { dependentsOf, type Measure } from '../../core/measures';
import { type Queries, tables } from '../database';
import { chartsDrawing } from '../sources';

const { measures } = tables;

type Kept = Measure & { revision: number };

/**
 * The measures of some sources, in the order in which they were made.
 * @param sourceIds numbers of sources
 */
export async function measuresOf(queries: Queries, sourceIds: readonly number[]): Promise<Kept[]> {
  if (sourceIds.length === 0) return [];
  const rows = await queries
    .select()
    .from(measures)
    .where(and(inArray(measures.sourceId, [...sourceIds]), isNull(measures.deletedAt)))
    .orderBy(asc(measures.id));
  return rows.map(({ deletedAt: _, ...measure }) => measure);
}

/** The measures of a source, each with the charts that change when it does. */
export async function listMeasures(
  queries: Queries,
  person: Person,
  sourceId: number,
): Promise<ListedMeasure[]> {
  const all = await measuresOf(queries, [sourceId]);
  const { seen, hidden } = await chartsDrawing(queries, person, sourceId);
  return all.map((measure) => {
    const touched = dependentsOf(measure.id, all);
    const draws = ({ measureIds }: { measureIds: readonly number[] }) =>
      measureIds.some((id) => touched.has(id));
    return {
      ...measure,
      charts: seen.filter(draws).map(({ id, dashboardId, title }) => ({ id, dashboardId, title })),
      otherCharts: hidden.filter(draws).length,
    };
  });
}
