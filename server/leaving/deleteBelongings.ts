import { eq, inArray } from 'drizzle-orm';
import { type Queries, tables } from '../database';

const {
  access,
  charts,
  chartSources,
  dashboards,
  deliveries,
  invitations,
  links,
  measures,
  notes,
  sources,
  sourceVersions,
  uploads,
} = tables;

/**
 * Deletes all that somebody owns. Rows and files are many: they are let go here, and removed a few at a
 * time by the next sweep.
 * @param change the transaction
 * @param owned the dashboards, removed ones among them
 */
export async function deleteBelongings(
  change: Queries,
  personId: number,
  owned: readonly number[],
): Promise<void> {
  if (owned.length > 0) {
    const boards = [...owned];
    const drawn = await change
      .select({ id: charts.id })
      .from(charts)
      .where(inArray(charts.dashboardId, boards));
    const chartIds = drawn.map(({ id }) => id);
    if (chartIds.length > 0)
      await change.delete(chartSources).where(inArray(chartSources.chartId, chartIds));
    for (const table of [charts, notes, links, invitations, access])
      await change.delete(table).where(inArray(table.dashboardId, boards));
    await change.delete(dashboards).where(inArray(dashboards.id, boards));
  }
  const own = await change
    .select({ id: sources.id })
    .from(sources)
    .where(eq(sources.ownerId, personId));
  const sourceIds = own.map(({ id }) => id);
  if (sourceIds.length > 0) {
    await change.delete(measures).where(inArray(measures.sourceId, sourceIds));
    await change
      .update(sourceVersions)
      .set({ ready: false, uploadId: null })
      .where(inArray(sourceVersions.sourceId, sourceIds));
    await change.delete(sources).where(inArray(sources.id, sourceIds));
  }
  // What is on its way in stops; files are old from now on.
  await change.update(deliveries).set({ stop: true }).where(eq(deliveries.personId, personId));
  await change
    .update(uploads)
    .set({ createdAt: new Date(0) })
    .where(eq(uploads.ownerId, personId));
}
