import { and, desc, eq, isNull, ne, sql } from 'drizzle-orm';
import type { Person, WorkedOutCharts } from '../../contract';
import { withoutSlots } from '../../core/labels';
import { type Database, tables } from '../database';

const { access, charts, dashboards } = tables;

/** Charts that are read for it, those of the same dashboard first, then the newest. */
const mostRead = 40;

/**
 * The charts that a person may edit in which something is worked out by a formula.
 * @param chart the one that asks, which is not among them
 */
export async function workedOutBy(
  database: Database,
  person: Person,
  chart: { id: number; dashboardId: number },
): Promise<WorkedOutCharts> {
  const found = await database
    .select({ definition: charts.definition })
    .from(charts)
    .innerJoin(dashboards, eq(dashboards.id, charts.dashboardId))
    .innerJoin(access, eq(access.dashboardId, charts.dashboardId))
    .where(
      and(
        eq(access.personId, person.id),
        ne(access.role, 'reader'),
        ne(charts.id, chart.id),
        isNull(charts.deletedAt),
        isNull(dashboards.deletedAt),
        sql`JSON_SEARCH(${charts.definition}, 'one', 'formula', NULL, '$.series[*].figures.kind') IS NOT NULL`,
      ),
    )
    .orderBy(desc(eq(charts.dashboardId, chart.dashboardId)), desc(charts.id))
    .limit(mostRead);
  return found.map(({ definition: { title, series } }) => ({ title: withoutSlots(title), series }));
}
