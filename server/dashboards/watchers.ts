import { and, eq, gt, inArray, isNull, sql } from 'drizzle-orm';
import type { DashboardRole } from '../../contract';
import { type Database, tables } from '../database';

const { access, dashboards, links, sessions } = tables;

/** Who looks at a dashboard: somebody signed in, or whoever has a link; each by the hash of the token. */
export interface Watcher {
  by: 'session' | 'link';
  tokenHash: string;
  dashboardId: number;
}

const nameOf = ({ by, tokenHash, dashboardId }: Watcher) => `${by} ${tokenHash} ${dashboardId}`;

/**
 * What those who look at dashboards may see of them now, in one statement for each kind.
 * @param watchers people or links, each with a dashboard
 * @returns by watcher, in their order; null for who may not look any more
 */
export async function rolesNow(
  database: Database,
  watchers: readonly Watcher[],
): Promise<(DashboardRole | null)[]> {
  const hashes = (by: Watcher['by']) => [
    ...new Set(watchers.flatMap((each) => (each.by === by ? each.tokenHash : []))),
  ];
  const found = new Map<string, DashboardRole>();
  const [ofSessions, ofLinks] = [hashes('session'), hashes('link')];
  const boards = [...new Set(watchers.map(({ dashboardId }) => dashboardId))];
  if (ofSessions.length > 0) {
    const rows = await database
      .select({ tokenHash: sessions.tokenHash, dashboardId: access.dashboardId, role: access.role })
      .from(sessions)
      .innerJoin(access, eq(access.personId, sessions.personId))
      .innerJoin(dashboards, eq(dashboards.id, access.dashboardId))
      .where(
        and(
          inArray(sessions.tokenHash, ofSessions),
          gt(sessions.expiresAt, sql`UTC_TIMESTAMP(3)`),
          inArray(access.dashboardId, boards),
          isNull(dashboards.deletedAt),
        ),
      );
    for (const { role, ...row } of rows) found.set(nameOf({ by: 'session', ...row }), role);
  }
  if (ofLinks.length > 0) {
    const rows = await database
      .select({ tokenHash: links.tokenHash, dashboardId: links.dashboardId })
      .from(links)
      .innerJoin(dashboards, eq(dashboards.id, links.dashboardId))
      .where(and(inArray(links.tokenHash, ofLinks), isNull(dashboards.deletedAt)));
    for (const row of rows) found.set(nameOf({ by: 'link', ...row }), 'reader');
  }
  return watchers.map((watcher) => found.get(nameOf(watcher)) ?? null);
}
