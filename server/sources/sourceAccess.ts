import { and, asc, desc, eq, getTableColumns, gte, inArray, isNull, or, sql } from 'drizzle-orm';
import {
  type FileForm,
  fileFormShape,
  type Person,
  type Source,
  type SourceDetail,
} from '../../contract';
import { type ChartDefinition } from '../../core/chart';
import { measureOf, rowsOf, sourceOfFigures } from '../../core/origins';
import { withMeasures } from '../../core/figures';
import type { Measure } from '../../core/measures';
import { type Database, type Queries, tables } from '../database';
import { notFound, Refusal } from '../http';
import { firstRows, wordsOf } from './storedRows';

const { access, charts, chartSources, dashboards, people, sources, sourceVersions } = tables;

/** The sources that a chart draws from. */
export const sourcesOf = ({
  series,
  yardsticks,
}: Pick<ChartDefinition, 'series' | 'yardsticks'>): number[] => [
  ...new Set([
    ...series.flatMap(({ figures }) => sourceOfFigures(figures) ?? []),
    ...yardsticks.flatMap((each) => (each.kind === 'recorded' ? (each.sourceId ?? []) : [])),
  ]),
];

/** Writes down which sources a chart draws from, whenever its definition is kept; in its transaction. */
export async function noteSources(change: Queries, chartId: number, definition: ChartDefinition) {
  await change.delete(chartSources).where(eq(chartSources.chartId, chartId));
  const values = sourcesOf(definition).map((sourceId) => ({ chartId, sourceId }));
  if (values.length > 0) await change.insert(chartSources).values(values);
}

const living = and(isNull(charts.deletedAt), isNull(dashboards.deletedAt));

/** Charts that can be seen and that draw from a source. */
async function livingCharts(queries: Queries, sourceId: number) {
  const rows = await queries
    .select({ id: charts.id, dashboardId: charts.dashboardId, definition: charts.definition })
    .from(chartSources)
    .innerJoin(charts, eq(charts.id, chartSources.chartId))
    .innerJoin(dashboards, eq(dashboards.id, charts.dashboardId))
    .where(and(eq(chartSources.sourceId, sourceId), living))
    .orderBy(asc(charts.id));
  return rows.map(({ id, dashboardId, definition }) => ({
    id,
    dashboardId,
    definition,
    title: definition.title,
    measureIds: definition.series.flatMap(({ figures }) => measureOf(figures)?.measureId ?? []),
  }));
}

/**
 * Makes sure that a person may draw from sources on a dashboard: they are the person's own, or the
 * dashboard draws from them already. In a transaction nobody can remove them before it ends.
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

/** A page of the sources that a person may build from, the latest first. */
export async function listSources(
  queries: Queries,
  person: Person,
  { limit, offset }: { limit: number; offset: number },
): Promise<Source[]> {
  const rows = await queries
    .select(listed)
    .from(sources)
    .innerJoin(sourceVersions, eq(sourceVersions.id, sources.versionId))
    .where(await mayBuildFrom(queries, person))
    .orderBy(desc(sources.id))
    .limit(limit)
    .offset(offset);
  return rows.map((row) => sourceOf(row, person));
}

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

/** The sources that a person may build from and that have one of some names, the latest first. */
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

/**
 * The charts that draw from a source.
 * @returns those on dashboards the person may see, and how many others there are
 */
export async function chartsOfSource(queries: Queries, person: Person, sourceId: number) {
  const { seen, hidden } = await chartsDrawing(queries, person, sourceId);
  return {
    seen: seen.map(({ id, dashboardId, title }) => ({ id, dashboardId, title })),
    others: hidden.length,
  };
}

/** The charts that draw from a source with the measures they use: those a person may see, and others. */
export async function chartsDrawing(queries: Queries, person: Person, sourceId: number) {
  const shared = await queries
    .select({ id: access.dashboardId })
    .from(access)
    .where(eq(access.personId, person.id));
  const open = new Set(shared.map(({ id }) => id));
  const all = await livingCharts(queries, sourceId);
  return {
    seen: all.filter(({ dashboardId }) => open.has(dashboardId)),
    hidden: all.filter(({ dashboardId }) => !open.has(dashboardId)),
  };
}

/**
 * The charts that draw from some columns of a source, of those that a person may see.
 * @param measures those of the source, which charts may draw
 */
export async function chartsUsing(
  queries: Queries,
  person: Person,
  sourceId: number,
  columns: readonly string[],
  measures: readonly Measure[],
): Promise<{ title: string; column: string }[]> {
  if (columns.length === 0) return [];
  const { seen } = await chartsDrawing(queries, person, sourceId);
  return seen.flatMap(({ title, definition }) => {
    const used = new Set(
      withMeasures(definition, measures).series.flatMap(({ figures, split }) => {
        const rows = rowsOf(figures);
        if (rows?.sourceId !== sourceId) return [];
        const shared = definition.filters.map(({ filter }) => filter);
        const filtered = [...rows.filters, ...shared].map(({ column }) => column);
        const told = [split?.column ?? null, split?.colourBy ?? null];
        return [rows.date, rows.column, ...told, ...filtered];
      }),
    );
    return columns.filter((column) => used.has(column)).map((column) => ({ title, column }));
  });
}

/** Everything the page of one source shows to a person. */
export async function readSource(
  database: Database,
  person: Person,
  source: Source,
): Promise<SourceDetail> {
  const versions = await database
    .select({ ...getTableColumns(sourceVersions), by: people.name })
    .from(sourceVersions)
    .leftJoin(people, eq(people.id, sourceVersions.personId))
    .where(
      and(
        eq(sourceVersions.sourceId, source.id),
        eq(sourceVersions.ready, true),
        await versionsSeen(database, person, source),
      ),
    )
    .orderBy(desc(sourceVersions.id));
  const [row] = await database.select().from(sources).where(eq(sources.id, source.id));
  const current = versions.find(({ id }) => id === row?.versionId);
  const { seen } = await chartsOfSource(database, person, source.id);
  return {
    ...source,
    // What was stored by an older version lacks what came since.
    form: fileFormShape.cast(current?.form ?? { columns: [] }, { assert: false }) as FileForm,
    profiles: (current?.columns ?? []).flatMap(({ profile }) => (profile ? [profile] : [])),
    doubtful: current?.doubts?.listed ?? [],
    doubtfulTotal: current?.doubts?.total ?? 0,
    uploadId: source.own && current?.mode === 'replace' ? current.uploadId : null,
    versions: versions.map(({ id, fileName, rows, mode, by, createdAt }) => ({
      id,
      fileName,
      rows,
      mode,
      by,
      broughtInAt: createdAt.toISOString(),
      current: id === row?.versionId,
    })),
    charts: seen,
    preview: current ? await firstRows(database, current.id, current.columns) : [],
  };
}

/**
 * The words of a text column, in their order.
 * @throws Refusal 404 when the column is none
 */
export async function readWords(
  database: Database,
  sourceId: number,
  column: string,
): Promise<string[]> {
  const [row] = await database
    .select({ version: sourceVersions })
    .from(sources)
    .innerJoin(sourceVersions, eq(sourceVersions.id, sources.versionId))
    .where(eq(sources.id, sourceId));
  const place =
    row?.version.columns.findIndex(({ name, kind }) => name === column && kind === 'text') ?? -1;
  if (!row || place < 0) throw notFound('column of words');
  return wordsOf(database, row.version.id, row.version.columns, place);
}
