import { and, asc, desc, eq, isNull } from 'drizzle-orm';
import type { Chart, Dashboard, DashboardRole, Note } from '../../contract';
import { drawnChart } from '../../core/figures';
import { plainStyle } from '../../core/chart';
import { dayInZone, formatDay, parseDay } from '../../core/calendar';
import { type Queries, tables } from '../database';
import { notFound } from '../http';
import { readStamps } from './stamps';

/**
 * Today in a zone; STAND_MARK_TODAY sets it for pictures and tests that must not change.
 * @param zone a name of the time zone database
 * @returns as 2026-11-23
 */
export function todayIn(zone: string): string {
  const set = process.env.STAND_MARK_TODAY ?? '';
  return parseDay(set) === null ? formatDay(dayInZone(new Date(), zone)) : set;
}

/**
 * Today on a dashboard.
 * @returns as 2026-11-23, in the dashboard's zone
 */
export async function todayOf(queries: Queries, dashboardId: number): Promise<string> {
  const { dashboards } = tables;
  const [found] = await queries
    .select({ zone: dashboards.zone })
    .from(dashboards)
    .where(eq(dashboards.id, dashboardId));
  return todayIn(found?.zone ?? 'UTC');
}

type ChartRow = typeof tables.charts.$inferSelect;

/** A chart as it is sent. */
export function chartOf({ id, dashboardId, definition, place, revision }: ChartRow): Chart {
  return { id, dashboardId, definition, place, revision };
}

/**
 * Reads a dashboard with its charts and notes, as far as a role may see them.
 * @param known whoever reads it has an account
 */
export async function readDashboard(
  queries: Queries,
  dashboardId: number,
  role: DashboardRole,
  known = true,
): Promise<Dashboard> {
  const { dashboards, charts } = tables;
  // Before the rest: what changes meanwhile is told to whoever looks.
  const asker = role === 'reader' ? 'readers' : 'editors';
  const stamp = (await readStamps(queries, [dashboardId], asker)).get(dashboardId);
  const [found] = await queries.select().from(dashboards).where(eq(dashboards.id, dashboardId));
  if (!found || !stamp) throw notFound('dashboard');
  const own = await queries
    .select()
    .from(charts)
    .where(and(eq(charts.dashboardId, dashboardId), isNull(charts.deletedAt)))
    .orderBy(asc(charts.id));
  // A chart that is not laid on the dashboard yet is the editors' own business.
  const visible = own.filter(({ place }) => role !== 'reader' || place !== null);
  const shown = new Set(visible.map(({ id }) => id));
  const notes = await readNotes(queries, eq(tables.notes.dashboardId, dashboardId));
  const { id, title, revision, zone, style, readersNote } = found;
  return {
    id,
    title,
    role,
    revision,
    stamp,
    today: todayIn(zone),
    style: style ?? plainStyle,
    mayNote: known && (role !== 'reader' || readersNote),
    charts: visible.map((chart) => ({
      ...chartOf(chart),
      definition: drawnChart(chart.definition, asker),
    })),
    notes: notes.filter(({ chartId }) => shown.has(chartId)),
  };
}

/**
 * The notes that meet a condition, the latest first.
 * @param which a condition on the table of notes
 */
export async function readNotes(queries: Queries, which: ReturnType<typeof eq>): Promise<Note[]> {
  const { notes, people } = tables;
  const rows = await queries
    .select({ note: notes, author: people.name })
    .from(notes)
    .innerJoin(people, eq(people.id, notes.authorId))
    .where(and(which, isNull(notes.deletedAt)))
    .orderBy(desc(notes.number));
  return rows.map(({ note, author }) => {
    const { id, chartId, number, day, until, series, text, revision, authorId } = note;
    const colour = note.colour as Note['colour'];
    return {
      id,
      chartId,
      number,
      day,
      until,
      series,
      text,
      colour,
      author,
      authorId,
      writtenAt: note.writtenAt.toISOString(),
      revision,
    };
  });
}
