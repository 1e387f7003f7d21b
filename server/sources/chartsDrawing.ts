import type { ChartDefinition } from '../../core/chart';
import { sourceOfFigures, measureOf, rowsOf } from '../../core/origins';
import { type Queries, tables } from '../database';
import { eq, and, isNull, asc } from 'drizzle-orm';
import type { Person } from '../../contract';
import type { Measure } from '../../core/measures';
import { expandChart } from '../../core/figures';

const { access, charts, chartSources, dashboards } = tables;

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

/**
 * Writes down which sources a chart draws from, whenever its definition is kept; in its
 * transaction.
 * @param change the transaction that keeps the definition
 */
export async function noteSources(change: Queries, chartId: number, definition: ChartDefinition) {
  await change.delete(chartSources).where(eq(chartSources.chartId, chartId));
  const values = sourcesOf(definition).map((sourceId) => ({ chartId, sourceId }));
  if (values.length > 0) await change.insert(chartSources).values(values);
}

export const living = and(isNull(charts.deletedAt), isNull(dashboards.deletedAt));

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

/**
 * The charts that draw from a source with the measures they use: those a person may see, and
 * others.
 * @param person of whose charts the titles are told
 */
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
      expandChart(definition, { measures }).series.flatMap(({ figures, split }) => {
        const rows = rowsOf(figures);
        if (rows?.sourceId !== sourceId) return [];
        const shared = definition.filters.map(({ filter }) => filter);
        const filtered = [...rows.filters, ...shared].map(({ column }) => column);
        const told = [split?.column ?? null, split?.colourBy ?? null];
        return [rows.date || null, rows.column, ...told, ...filtered];
      }),
    );
    return columns.filter((column) => used.has(column)).map((column) => ({ title, column }));
  });
}
