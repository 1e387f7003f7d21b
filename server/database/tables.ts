import {
  boolean,
  customType,
  datetime,
  double,
  index,
  int,
  mysqlTable,
  primaryKey,
  uniqueIndex,
  varchar,
} from 'drizzle-orm/mysql-core';
import type {
  DashboardRole,
  DeliveryState,
  FileForm,
  GridPlace,
  SourceProfile,
  Understanding,
} from '../../contract';
import type { ColumnUnderstanding } from '../../core/table';
import { type BoardStyle, type ChartDefinition, upgradeChart } from '../../core/chart';
import type { MeasureDefinition } from '../../core/measures';

const id = () => int().autoincrement().primaryKey();
const at = (name: string) => datetime(name, { mode: 'date', fsp: 3 });
/** MariaDB keeps JSON as text, so it is written and parsed here. */
const json = <T>(name: string, upgrade: (stored: T) => T = (stored) => stored) =>
  customType<{ data: T; driverData: string }>({
    dataType: () => 'json',
    toDriver: (value) => JSON.stringify(value),
    fromDriver: (text) => upgrade(JSON.parse(text) as T),
  })(name);
/** Forms were kept flat while there was but one form of file. */
function upgradeForm(stored: FileForm & { encoding?: string; delimiter?: string }): FileForm {
  if (stored.file || !stored.delimiter) return stored;
  const { encoding, delimiter, ...rest } = stored;
  return { ...rest, file: { kind: 'delimited', encoding, delimiter } as FileForm['file'] };
}
const bytes = customType<{ data: Buffer }>({ dataType: () => 'mediumblob' });

export const people = mysqlTable('people', {
  id: id(),
  email: varchar({ length: 200 }).notNull().unique(),
  name: varchar({ length: 80 }).notNull(),
  passwordHash: varchar('password_hash', { length: 200 }).notNull(),
  createdAt: at('created_at').notNull(),
});

/** The token itself is only in the cookie; here is its hash. */
export const sessions = mysqlTable(
  'sessions',
  {
    tokenHash: varchar('token_hash', { length: 64 }).primaryKey(),
    personId: int('person_id').notNull(),
    expiresAt: at('expires_at').notNull(),
  },
  (table) => [index('sessions_by_time').on(table.expiresAt)],
);

/** Addresses from which somebody has signed in: guesses made elsewhere do not shut them out. */
export const knownAddresses = mysqlTable(
  'known_addresses',
  {
    personId: int('person_id').notNull(),
    address: varchar({ length: 60 }).notNull(),
    lastAt: at('last_at').notNull(),
  },
  (table) => [primaryKey({ columns: [table.personId, table.address] })],
);

/** How often something that must not be done at will was tried: signing in, making an account. */
export const tries = mysqlTable(
  'tries',
  {
    kind: varchar({ length: 20 }).notNull(),
    /** who tries, and what for */
    subject: varchar({ length: 280 }).notNull(),
    count: int().notNull(),
    /** whether the latest try was let through */
    admitted: boolean().notNull(),
    nextAt: at('next_at').notNull(),
    lastAt: at('last_at').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.kind, table.subject] }),
    index('tries_by_time').on(table.lastAt),
  ],
);

/** What somebody holds for a while, told by the clock of the database: it lapses unless renewed. */
export const leases = mysqlTable(
  'leases',
  {
    kind: varchar({ length: 20 }).notNull(),
    subject: varchar({ length: 60 }).notNull(),
    slot: int().notNull(),
    holder: varchar({ length: 36 }).notNull(),
    expiresAt: at('expires_at').notNull(),
  },
  (table) => [primaryKey({ columns: [table.kind, table.subject, table.slot] })],
);

export const uploads = mysqlTable(
  'uploads',
  {
    id: varchar({ length: 32 }).primaryKey(),
    ownerId: int('owner_id').notNull(),
    fileName: varchar('file_name', { length: 250 }).notNull(),
    bytes: int().notNull(),
    /** false while its parts are still coming in */
    ready: boolean().notNull().default(true),
    /** what was last understood of it, and by which form */
    understood: json<{ key: string; understanding: Understanding } | null>('understood'),
    createdAt: at('created_at').notNull(),
  },
  (table) => [index('uploads_by_owner').on(table.ownerId)],
);

export const uploadParts = mysqlTable(
  'upload_parts',
  {
    uploadId: varchar('upload_id', { length: 32 }).notNull(),
    place: int().notNull(),
    content: bytes().notNull(),
  },
  (table) => [primaryKey({ columns: [table.uploadId, table.place] })],
);

export const sources = mysqlTable(
  'sources',
  {
    id: id(),
    ownerId: int('owner_id').notNull(),
    name: varchar({ length: 120 }).notNull(),
    versionId: int('version_id'),
    deletedAt: at('deleted_at'),
    createdAt: at('created_at').notNull(),
  },
  (table) => [index('sources_by_owner').on(table.ownerId)],
);

/**
 * Files on their way into a source: a word for whoever has left the page. One that is running and
 * whose file nobody holds was cut off.
 */
export const deliveries = mysqlTable(
  'deliveries',
  {
    id: id(),
    personId: int('person_id').notNull(),
    uploadId: varchar('upload_id', { length: 32 }).notNull(),
    fileName: varchar('file_name', { length: 250 }).notNull(),
    /** null until a new source is made */
    sourceId: int('source_id'),
    state: varchar({ length: 10 }).$type<DeliveryState>().notNull(),
    /** how far it is, 0 to 1 */
    share: double().notNull(),
    rows: int().notNull(),
    /** why it has failed */
    sentence: varchar({ length: 600 }),
    /** somebody wants it to be stopped */
    stop: boolean().notNull().default(false),
    begunAt: at('begun_at').notNull(),
    changedAt: at('changed_at').notNull(),
  },
  (table) => [
    index('deliveries_by_person').on(table.personId),
    index('deliveries_by_source').on(table.sourceId),
    index('deliveries_by_upload').on(table.uploadId),
  ],
);

/** A column of a source version; its facts stand in the column of the same place. */
export interface StoredColumn extends ColumnUnderstanding {
  decimals: number;
  words: number;
  /** its words stand in the version's table of words, and the facts hold their codes */
  coded?: boolean;
  /** what its cells hold; none for what came in before that was kept */
  profile?: SourceProfile;
}

/** Cells that did not fit when a version came in. */
export interface StoredDoubts {
  total: number;
  listed: Understanding['doubtful'];
}

/** Measures of a source, named once and used by any chart. */
export const measures = mysqlTable(
  'measures',
  {
    id: id(),
    sourceId: int('source_id').notNull(),
    name: varchar({ length: 120 }).notNull(),
    definition: json<MeasureDefinition>('definition').notNull(),
    revision: int().notNull().default(1),
    deletedAt: at('deleted_at'),
  },
  (table) => [index('measures_by_source').on(table.sourceId)],
);

export const sourceVersions = mysqlTable(
  'source_versions',
  {
    id: id(),
    sourceId: int('source_id').notNull(),
    fileName: varchar('file_name', { length: 250 }).notNull(),
    rows: int().notNull(),
    columns: json<StoredColumn[]>('columns').notNull(),
    form: json<FileForm>('form', upgradeForm).notNull(),
    /** what became of the rows that the source had */
    mode: varchar({ length: 10 }).notNull().default('replace'),
    /** the file it came from, while that is kept */
    uploadId: varchar('upload_id', { length: 32 }),
    /** the version that its source stood on when it was put together; null for the first one */
    builtOn: int('built_on'),
    /** who brought it in */
    personId: int('person_id'),
    doubts: json<StoredDoubts | null>('doubts'),
    /** false while its rows are still coming in */
    ready: boolean().notNull(),
    createdAt: at('created_at').notNull(),
  },
  (table) => [
    index('versions_by_source').on(table.sourceId),
    index('versions_by_upload').on(table.uploadId),
  ],
);

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

/** What of the demo has been filled in, so that it is filled in once. */
export const demoSteps = mysqlTable('demo_steps', { name: varchar({ length: 60 }).primaryKey() });
