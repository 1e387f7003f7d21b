import { and, desc, eq, getTableColumns, inArray, isNull, type SQL } from 'drizzle-orm';
import type { Person, Source, SourceDetail } from '../../contract';
import { type ChartDefinition, sourceOfFigures, withMeasures } from '../../core/chart';
import type { Measure } from '../../core/measures';
import { type Database, type Queries, tables } from '../database';
import { notFound, Refusal } from '../http';
import { firstRows, wordsOf } from './storedRows';

const { access, charts, dashboards, people, sources, sourceVersions } = tables;

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

/** Charts that can be seen, with the sources they use. */
async function livingCharts(queries: Queries, where?: SQL) {
  const rows = await queries
    .select({ id: charts.id, dashboardId: charts.dashboardId, definition: charts.definition })
    .from(charts)
    .innerJoin(dashboards, eq(dashboards.id, charts.dashboardId))
    .where(and(where, isNull(charts.deletedAt), isNull(dashboards.deletedAt)));
  return rows.map(({ id, dashboardId, definition }) => ({
    ...{ id, dashboardId, definition },
    title: definition.title,
    sourceIds: sourcesOf(definition),
    measureIds: definition.series.flatMap(({ figures }) =>
      figures.kind === 'measure' ? (figures.measureId ?? []) : [],
    ),
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
  const own = await queries
    .select({ id: sources.id })
    .from(sources)
    .where(
      and(
        eq(sources.ownerId, person.id),
        inArray(sources.id, [...sourceIds]),
        isNull(sources.deletedAt),
      ),
    )
    .for('update');
  const used = await livingCharts(queries, eq(charts.dashboardId, dashboardId));
  const allowed = new Set([
    ...own.map(({ id }) => id),
    ...used.flatMap((chart) => chart.sourceIds),
  ]);
  if (!sourceIds.every((id) => allowed.has(id))) throw notFound('source');
}

/** The sources a person may build from: the person's own, and those of dashboards they edit. */
export async function listSources(queries: Queries, person: Person): Promise<Source[]> {
  const shared = await queries
    .select({ id: access.dashboardId })
    .from(access)
    .where(and(eq(access.personId, person.id), inArray(access.role, ['owner', 'editor'])));
  const used = shared.length
    ? await livingCharts(
        queries,
        inArray(
          charts.dashboardId,
          shared.map(({ id }) => id),
        ),
      )
    : [];
  const usedIds = new Set(used.flatMap((chart) => chart.sourceIds));
  const rows = await queries
    .select({ source: sources, version: sourceVersions })
    .from(sources)
    .innerJoin(sourceVersions, eq(sourceVersions.id, sources.versionId))
    .where(isNull(sources.deletedAt))
    .orderBy(desc(sources.id));
  return rows
    .filter(({ source }) => source.ownerId === person.id || usedIds.has(source.id))
    .map(({ source, version }) => ({
      ...{ id: source.id, name: source.name, own: source.ownerId === person.id },
      ...{ fileName: version.fileName, rows: version.rows },
      // What their cells hold is shown on the source's own page.
      columns: version.columns.map(({ profile: _, ...column }) => column),
      broughtInAt: version.createdAt.toISOString(),
    }));
}

/**
 * Finds a source a person may build from.
 * @throws Refusal 404
 */
export async function requireSource(queries: Queries, person: Person, id: number): Promise<Source> {
  const found = (await listSources(queries, person)).find((source) => source.id === id);
  if (!found) throw notFound('source');
  return found;
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
  const all = (await livingCharts(queries)).filter(({ sourceIds }) => sourceIds.includes(sourceId));
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
  const { seen } = await chartsOfSource(queries, person, sourceId);
  const drawn = await livingCharts(queries, inArray(charts.id, [0, ...seen.map(({ id }) => id)]));
  return drawn.flatMap(({ title, definition }) => {
    const used = new Set(
      withMeasures(definition, measures).series.flatMap(({ figures, split }) => {
        if (figures.kind !== 'rows' || figures.sourceId !== sourceId) return [];
        const shared = definition.filters.map(({ filter }) => filter);
        const filtered = [...figures.filters, ...shared].map(({ column }) => column);
        const told = [split?.column ?? null, split?.colourBy ?? null];
        return [figures.date, figures.column, ...told, ...filtered];
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
    .where(and(eq(sourceVersions.sourceId, source.id), eq(sourceVersions.ready, true)))
    .orderBy(desc(sourceVersions.id));
  const [row] = await database.select().from(sources).where(eq(sources.id, source.id));
  const current = versions.find(({ id }) => id === row?.versionId);
  const { seen } = await chartsOfSource(database, person, source.id);
  return {
    ...source,
    form: current?.form ?? { columns: [] },
    profiles: (current?.columns ?? []).flatMap(({ profile }) => (profile ? [profile] : [])),
    doubtful: current?.doubts?.listed ?? [],
    doubtfulTotal: current?.doubts?.total ?? 0,
    uploadId: source.own && current?.mode === 'replace' ? current.uploadId : null,
    versions: versions.map(({ id, fileName, rows, mode, by, createdAt }) => ({
      ...{ id, fileName, rows, mode, by, broughtInAt: createdAt.toISOString() },
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
