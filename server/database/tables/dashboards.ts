import {
  boolean,
  index,
  int,
  mysqlTable,
  primaryKey,
  uniqueIndex,
  varchar,
} from 'drizzle-orm/mysql-core';
import type { DashboardRole, GridPlace } from '../../../contract';
import { type BoardStyle, type ChartDefinition, upgradeChart } from '../../../core/chart';
import { id, at, json } from './fields';

export const dashboards = mysqlTable('dashboards', {
  id: id(),
  title: varchar({ length: 160 }).notNull(),
  zone: varchar({ length: 60 }).notNull(),
  /** the number the last note was given */
  lastNote: int('last_note').notNull().default(0),
  /** how its charts look; none: as they are drawn without */
  style: json<BoardStyle | null>('style'),
  /** readers with an account may write notes */
  readersNote: boolean('readers_note').notNull().default(false),
  revision: int().notNull().default(1),
  changedAt: at('changed_at').notNull(),
  deletedAt: at('deleted_at'),
});

export const access = mysqlTable(
  'access',
  {
    dashboardId: int('dashboard_id').notNull(),
    personId: int('person_id').notNull(),
    role: varchar({ length: 10 }).$type<DashboardRole>().notNull(),
    /** what was replaced before is not the person's to see */
    givenAt: at('given_at').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.dashboardId, table.personId] }),
    index('access_by_person').on(table.personId),
  ],
);

/** Access that waits for whoever signs in by an address, be there an account of it or not. */
export const invitations = mysqlTable(
  'invitations',
  {
    id: id(),
    dashboardId: int('dashboard_id').notNull(),
    email: varchar({ length: 200 }).notNull(),
    role: varchar({ length: 10 }).$type<DashboardRole>().notNull(),
    createdAt: at('created_at').notNull(),
  },
  (table) => [
    uniqueIndex('invitations_of_dashboard').on(table.dashboardId, table.email),
    index('invitations_by_email').on(table.email),
  ],
);

export const links = mysqlTable(
  'links',
  {
    id: id(),
    dashboardId: int('dashboard_id').notNull(),
    /** the token itself is only in the address that was given; here is its hash */
    tokenHash: varchar('token', { length: 64 }).notNull().unique(),
    createdAt: at('created_at').notNull(),
  },
  (table) => [index('links_by_dashboard').on(table.dashboardId)],
);

export const charts = mysqlTable(
  'charts',
  {
    id: id(),
    dashboardId: int('dashboard_id').notNull(),
    definition: json<ChartDefinition>('definition', upgradeChart).notNull(),
    place: json<GridPlace | null>('place'),
    revision: int().notNull().default(1),
    deletedAt: at('deleted_at'),
  },
  (table) => [index('charts_by_dashboard').on(table.dashboardId)],
);

/** Which sources charts draw from, as their definitions say: an index that goes both ways. */
export const chartSources = mysqlTable(
  'chart_sources',
  {
    chartId: int('chart_id').notNull(),
    sourceId: int('source_id').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.chartId, table.sourceId] }),
    index('charts_by_source').on(table.sourceId),
  ],
);

export const notes = mysqlTable(
  'notes',
  {
    id: id(),
    dashboardId: int('dashboard_id').notNull(),
    chartId: int('chart_id').notNull(),
    number: int().notNull(),
    /** null: of the whole chart */
    day: varchar({ length: 10 }),
    until: varchar('until_day', { length: 10 }),
    series: varchar({ length: 600 }),
    text: varchar({ length: 2000 }).notNull(),
    colour: varchar({ length: 20 }).notNull(),
    authorId: int('author_id').notNull(),
    writtenAt: at('written_at').notNull(),
    revision: int().notNull().default(1),
    deletedAt: at('deleted_at'),
  },
  (table) => [uniqueIndex('note_numbers').on(table.dashboardId, table.number)],
);
