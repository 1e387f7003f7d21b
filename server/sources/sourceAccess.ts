import { and, desc, eq, gte, inArray, isNull, or, sql } from 'drizzle-orm';
import type { ListedSource, Person, Source } from '../../contract';
import { type Queries, tables } from '../database';
import { notFound, Refusal } from '../http';
import { living } from './chartsDrawing';

const { access, charts, chartSources, dashboards, measures, sources, sourceVersions } = tables;

/**
 * Makes sure that a person may draw from sources on a dashboard: they are the person's own, or the
 * dashboard draws from them already. In a transaction nobody can remove them before it ends.
 * @param sourceIds of all that a definition draws from
 * @throws Refusal 404 when one is neither
 */
export async function requireSources(
  queries: Queries,
  person: Person,
  dashboardId: number,
  sourceIds: readonly number[],
): Promise<void> {
  if (sourceIds.length === 0) return;
  const asked = inArray(sources.id, [...sourceIds]);
  const own = await queries
    .select({ id: sources.id })
    .from(sources)
    .where(and(eq(sources.ownerId, person.id), asked, isNull(sources.deletedAt)))
    .for('update');
  const used = await queries
    .select({ id: chartSources.sourceId })
    .from(charts)
    .innerJoin(chartSources, eq(chartSources.chartId, charts.id))
    .innerJoin(dashboards, eq(dashboards.id, charts.dashboardId))
    .where(and(eq(charts.dashboardId, dashboardId), living));
  const allowed = new Set([...own, ...used].map(({ id }) => id));
  if (!sourceIds.every((id) => allowed.has(id))) throw notFound('source');
}

/** Sources that charts of dashboards draw from which a person edits, with when that was given. */
const drawnByEditor = (queries: Queries, person: Person, sourceId?: number) =>
  queries
    .select({
      sourceId: chartSources.sourceId,
      since: sql<Date>`MIN(${access.givenAt})`.as('since'),
    })
    .from(access)
    .innerJoin(dashboards, eq(dashboards.id, access.dashboardId))
    .innerJoin(charts, eq(charts.dashboardId, access.dashboardId))
    .innerJoin(chartSources, eq(chartSources.chartId, charts.id))
    .where(
      and(
        eq(access.personId, person.id),
        inArray(access.role, ['owner', 'editor']),
        living,
        sourceId === undefined ? undefined : eq(chartSources.sourceId, sourceId),
      ),
    )
    .groupBy(chartSources.sourceId);

const listed = { source: sources, version: sourceVersions };

type ListedRow = { [Table in keyof typeof listed]: (typeof listed)[Table]['$inferSelect'] };

const sourceOf = ({ source, version }: ListedRow, person: Person): Source => ({
  id: source.id,
  name: source.name,
  own: source.ownerId === person.id,
  fileName: version.fileName,
  rows: version.rows,
  // What their cells hold is shown on the source's own page.
  columns: version.columns.map(({ profile, ...column }) => ({
    ...column,
    distinct: profile?.distinct ?? null,
    range: profile?.range ?? null,
  })),
  broughtInAt: version.createdAt.toISOString(),
});

/** The sources that a person may build from, their own and those of dashboards they edit. */
async function mayBuildFrom(queries: Queries, person: Person) {
  const ids = (await drawnByEditor(queries, person)).map(({ sourceId }) => sourceId);
  const shared = ids.length > 0 ? inArray(sources.id, ids) : undefined;
  return and(or(eq(sources.ownerId, person.id), shared), isNull(sources.deletedAt));
}

/**
 * A page of the sources that a person may build from, the latest first.
 * @param page how many, and how many before them
 */
export async function listSources(
  queries: Queries,
  person: Person,
  { limit, offset }: { limit: number; offset: number },
): Promise<ListedSource[]> {
  const rows = await queries
    .select(listed)
    .from(sources)
    .innerJoin(sourceVersions, eq(sourceVersions.id, sources.versionId))
    .where(await mayBuildFrom(queries, person))
    .orderBy(desc(sources.id))
    .limit(limit)
    .offset(offset);
  const named = await measuresNamed(
    queries,
    rows.map(({ source }) => source.id),
  );
  return rows.map((row) => ({
    ...sourceOf(row, person),
    measures: named
      .filter(({ sourceId }) => sourceId === row.source.id)
      .map(({ id, name }) => ({ id, name })),
  }));
}

const measuresNamed = async (queries: Queries, ids: readonly number[]) =>
  ids.length === 0
    ? []
    : queries
        .select({ id: measures.id, name: measures.name, sourceId: measures.sourceId })
        .from(measures)
        .where(and(inArray(measures.sourceId, [...ids]), isNull(measures.deletedAt)));

/**
 * Finds a source a person may build from.
 * @throws Refusal 404
 */
export async function requireSource(queries: Queries, person: Person, id: number): Promise<Source> {
  const [found] = await queries
    .select(listed)
    .from(sources)
    .innerJoin(sourceVersions, eq(sourceVersions.id, sources.versionId))
    .where(and(eq(sources.id, id), isNull(sources.deletedAt)));
  if (!found) throw notFound('source');
  const mayDraw =
    found.source.ownerId === person.id || (await drawnByEditor(queries, person, id)).length > 0;
  if (!mayDraw) throw notFound('source');
  return sourceOf(found, person);
}

/**
 * The sources that a person may build from and that have one of some names, the latest first.
 * @param names in any capitals
 */
export async function sourcesNamed(
  queries: Queries,
  person: Person,
  names: readonly string[],
): Promise<{ id: number; name: string }[]> {
  if (names.length === 0) return [];
  return queries
    .select({ id: sources.id, name: sources.name })
    .from(sources)
    .where(and(inArray(sources.name, [...names]), await mayBuildFrom(queries, person)))
    .orderBy(desc(sources.id));
}

/**
 * Which versions of a source a person may see: the owner all; an editor of dashboards that draw from it
 * the one in use, and those that came in since they were made one. What was replaced before is the
 * owner's to give.
 */
export async function versionsSeen(queries: Queries, person: Person, source: Source) {
  if (source.own) return undefined;
  const [shared] = await drawnByEditor(queries, person, source.id);
  const inUse = sql`${sourceVersions.id} = (SELECT version_id FROM ${sources} WHERE ${sources.id} = ${source.id})`;
  return shared ? or(inUse, gte(sourceVersions.createdAt, sql`${shared.since}`)) : inUse;
}

/**
 * Finds a source that belongs to a person.
 * @throws Refusal 404, or 403 when it is somebody else's
 */
export async function requireOwnSource(
  queries: Queries,
  person: Person,
  id: number,
): Promise<Source> {
  const source = await requireSource(queries, person, id);
  if (source.own) return source;
  throw new Refusal(403, {
    code: 'not-allowed',
    sentence: 'Only the person who brought this source in may change it.',
  });
}
