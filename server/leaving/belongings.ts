import { and, countDistinct, eq, inArray, isNull, ne, notInArray } from 'drizzle-orm';
import type { Belongings, Person } from '../../contract';
import { type Queries, tables } from '../database';

const { access, charts, chartSources, dashboards, people, sources } = tables;

/** The dashboards that somebody owns, removed ones among them. */
export async function dashboardsOwned(queries: Queries, personId: number): Promise<number[]> {
  const rows = await queries
    .select({ id: access.dashboardId })
    .from(access)
    .where(and(eq(access.personId, personId), eq(access.role, 'owner')));
  return rows.map(({ id }) => id);
}

/** The people whom somebody shares a dashboard of theirs with. */
export const heirsOf = (queries: Queries, person: Person, owned: readonly number[]) =>
  owned.length === 0
    ? Promise.resolve([])
    : queries
        .select({ id: people.id, name: people.name, email: people.email })
        .from(access)
        .innerJoin(people, eq(people.id, access.personId))
        .where(and(inArray(access.dashboardId, [...owned]), ne(people.id, person.id)))
        .groupBy(people.id)
        .orderBy(people.name, people.id);

/** What somebody owns, and who could take it over. */
export async function belongingsOf(queries: Queries, person: Person): Promise<Belongings> {
  const owned = await dashboardsOwned(queries, person.id);
  const titles = await queries
    .select({ id: dashboards.id, title: dashboards.title })
    .from(dashboards)
    .innerJoin(access, eq(access.dashboardId, dashboards.id))
    .where(
      and(eq(access.personId, person.id), eq(access.role, 'owner'), isNull(dashboards.deletedAt)),
    )
    .orderBy(dashboards.title);
  const own = await queries
    .select({ id: sources.id, title: sources.name })
    .from(sources)
    .where(and(eq(sources.ownerId, person.id), isNull(sources.deletedAt)))
    .orderBy(sources.name);
  return {
    dashboards: titles,
    sources: own,
    othersCharts: await chartsOfOthers(queries, person.id, owned),
    heirs: await heirsOf(queries, person, owned),
  };
}

/** How many charts on others' dashboards draw from somebody's sources. */
async function chartsOfOthers(queries: Queries, personId: number, owned: readonly number[]) {
  const [row] = await queries
    .select({ number: countDistinct(charts.id) })
    .from(chartSources)
    .innerJoin(sources, eq(sources.id, chartSources.sourceId))
    .innerJoin(charts, eq(charts.id, chartSources.chartId))
    .innerJoin(dashboards, eq(dashboards.id, charts.dashboardId))
    .where(
      and(
        eq(sources.ownerId, personId),
        isNull(charts.deletedAt),
        isNull(dashboards.deletedAt),
        owned.length > 0 ? notInArray(charts.dashboardId, [...owned]) : undefined,
      ),
    );
  return row?.number ?? 0;
}
