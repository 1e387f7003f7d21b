import { and, eq, isNull, sql } from 'drizzle-orm';
import type { DashboardRole, Person } from '../../contract';
import { askTogether, type Database, tables } from '../database';
import { notFound } from '../http';
import { hashOfToken } from '../keys';
import { linkGone } from './access';

const { access, charts, dashboards, links } = tables;

/** A chart as far as whoever reads it may see it. */
export interface ReadableChart {
  id: number;
  dashboardId: number;
  revision: number;
  /** the dashboard's time zone */
  zone: string;
  /** readers, by account or by link, are told nothing of where figures come from */
  role: DashboardRole;
}

const readable = {
  id: charts.id,
  dashboardId: charts.dashboardId,
  revision: charts.revision,
  zone: dashboards.zone,
};
const placed = sql<number>`${charts.place} IS NOT NULL AND ${charts.place} <> 'null'`;
const living = and(isNull(charts.deletedAt), isNull(dashboards.deletedAt));

interface AskedByPerson {
  personId: number;
  chartId: number;
}

const chartOfPerson = askTogether(async (database: Database, asked: readonly AskedByPerson[]) => {
  const pairs = asked.map(({ personId, chartId }) => sql`(${personId}, ${chartId})`);
  const rows = await database
    .select({ ...readable, personId: access.personId, role: access.role, placed })
    .from(charts)
    .innerJoin(dashboards, eq(dashboards.id, charts.dashboardId))
    .innerJoin(access, eq(access.dashboardId, charts.dashboardId))
    .where(and(living, sql`(${access.personId}, ${charts.id}) IN (${sql.join(pairs, sql`, `)})`));
  const found = new Map(rows.map((row) => [`${row.personId} ${row.id}`, row]));
  return asked.map(({ personId, chartId }) => found.get(`${personId} ${chartId}`) ?? null);
});

interface AskedByLink {
  tokenHash: string;
  chartId: number;
}

const chartOfLink = askTogether(async (database: Database, asked: readonly AskedByLink[]) => {
  const pairs = asked.map(({ tokenHash, chartId }) => sql`(${tokenHash}, ${chartId})`);
  const rows = await database
    .select({ ...readable, tokenHash: links.tokenHash, placed })
    .from(links)
    .innerJoin(dashboards, eq(dashboards.id, links.dashboardId))
    .innerJoin(charts, eq(charts.dashboardId, links.dashboardId))
    .where(and(living, sql`(${links.tokenHash}, ${charts.id}) IN (${sql.join(pairs, sql`, `)})`));
  const found = new Map(rows.map((row) => [`${row.tokenHash} ${row.id}`, row]));
  return asked.map(({ tokenHash, chartId }) => found.get(`${tokenHash} ${chartId}`) ?? null);
});

/**
 * Finds a chart that a person may read; asked of the database every time, together with what others
 * ask at the same moment.
 * @throws Refusal 404 when it is not shared with the person, or not laid on its dashboard yet
 */
export async function readableChart(
  database: Database,
  person: Person,
  chartId: number,
): Promise<ReadableChart> {
  const found = await chartOfPerson(database, { personId: person.id, chartId });
  if (!found || (found.role === 'reader' && !found.placed)) throw notFound('chart');
  const { id, dashboardId, revision, zone, role } = found;
  return { id, dashboardId, revision, zone, role };
}

/**
 * Finds a chart that a link opens.
 * @param token as it stands in the address
 * @throws Refusal 404
 */
export async function readableByLink(
  database: Database,
  token: string,
  chartId: number,
): Promise<ReadableChart> {
  const found = await chartOfLink(database, { tokenHash: hashOfToken(token), chartId });
  if (!found?.placed) throw found ? notFound('chart') : linkGone();
  const { id, dashboardId, revision, zone } = found;
  return { id, dashboardId, revision, zone, role: 'reader' };
}
