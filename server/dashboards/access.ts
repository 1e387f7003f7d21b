import { and, eq, isNull } from 'drizzle-orm';
import type { DashboardRole, Person } from '../../contract';
import { type Queries, tables } from '../database';
import { notAllowed, notFound, Refusal } from '../http';
import { hashOfToken } from '../keys';

const { access, charts, dashboards, links } = tables;

/** What each role may do includes what the roles after it may. */
const rank: Record<DashboardRole, number> = { owner: 2, editor: 1, reader: 0 };

const refusals: Record<DashboardRole, string> = {
  owner: 'Only the owner of this dashboard may do that.',
  editor: 'You may read this dashboard, not change it. Ask its owner to make you an editor.',
  reader: 'You may not read this dashboard.',
};

/**
 * Makes sure that a person may act on a dashboard.
 * @param least the role that is needed
 * @returns the person's role
 * @throws Refusal 404 when it is not shared with the person at all, 403 when the role is too low
 */
export async function requireRole(
  queries: Queries,
  person: Person,
  dashboardId: number,
  least: DashboardRole,
): Promise<DashboardRole> {
  const [found] = await queries
    .select({ role: access.role })
    .from(access)
    .innerJoin(dashboards, eq(dashboards.id, access.dashboardId))
    .where(
      and(
        eq(access.dashboardId, dashboardId),
        eq(access.personId, person.id),
        isNull(dashboards.deletedAt),
      ),
    );
  if (!found) throw notFound('dashboard');
  if (rank[found.role] < rank[least]) throw notAllowed(refusals[least]);
  return found.role;
}

/**
 * The dashboard of a chart that a person may act on.
 * @param least the role that is needed
 * @param options whether a removed chart counts too
 * @throws Refusal as requireRole does
 */
export async function requireChart(
  queries: Queries,
  person: Person,
  chartId: number,
  least: DashboardRole,
  { removed = false } = {},
) {
  const [chart] = await queries.select().from(charts).where(eq(charts.id, chartId));
  if (!chart || (chart.deletedAt !== null) !== removed) throw notFound('chart');
  await requireRole(queries, person, chart.dashboardId, least);
  return chart;
}

/**
 * The dashboard that a link opens.
 * @param token as it stands in the address
 * @throws Refusal 404 when the link was taken back or never was
 * @returns the number of the dashboard
 */
export async function dashboardOfLink(queries: Queries, token: string): Promise<number> {
  const [found] = await queries
    .select({ id: links.dashboardId })
    .from(links)
    .innerJoin(dashboards, eq(dashboards.id, links.dashboardId))
    .where(and(eq(links.tokenHash, hashOfToken(token)), isNull(dashboards.deletedAt)));
  if (!found) throw linkGone();
  return found.id;
}

export const linkGone = () =>
  new Refusal(404, {
    code: 'link-gone',
    sentence: 'This link does not work, or not any more. Ask whoever sent it for a new one.',
  });
