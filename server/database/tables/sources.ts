import type { FileForm, Understanding, DeliveryState, SourceProfile } from '../../../contract';
import {
  mysqlTable,
  varchar,
  int,
  boolean,
  index,
  primaryKey,
  double,
} from 'drizzle-orm/mysql-core';
import { json, at, bytes, id } from './fields';
import type { ColumnUnderstanding } from '../../../core/table';
import type { MeasureDefinition } from '../../../core/measures';

/** Forms were kept flat while there was but one form of file. */
function upgradeForm(stored: FileForm & { encoding?: string; delimiter?: string }): FileForm {
  if (stored.file || !stored.delimiter) return stored;
  const { encoding, delimiter, ...rest } = stored;
  return { ...rest, file: { kind: 'delimited', encoding, delimiter } as FileForm['file'] };
}

export const uploads = mysqlTable(
  'uploads',
  {
    id: varchar({ length: 32 }).primaryKey(),
    ownerId: int('owner_id').notNull(),
    fileName: varchar('file_name', { length: 250 }).notNull(),
    bytes: int().notNull(),
    /** what its parts take, packed; null: they are kept as they came */
    kept: int(),
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
  /** of figures: how many digits they need; 0 or missing: they are kept as binary fractions */
  digits?: number;
  /** what its cells hold; none for what came in before that was kept */
  profile?: SourceProfile;
}

/** A piece of a version's rows: a Parquet file, kept in parts. */
export interface StoredPiece {
  rows: number;
  bytes: number;
  parts: number;
  /** of all of it, SHA-256 */
  hash: string;
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

/** The rows of versions, as parts of Parquet files. */
export const versionParts = mysqlTable(
  'version_parts',
  {
    versionId: int('version_id').notNull(),
    /** which file */
    piece: int().notNull(),
    /** which part of it */
    place: int().notNull(),
    content: bytes().notNull(),
    bytes: int().notNull(),
    /** SHA-256 */
    hash: varchar({ length: 64 }).notNull(),
  },
  (table) => [primaryKey({ columns: [table.versionId, table.piece, table.place] })],
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
    /** how its rows are kept: 0 in tables of their own, as they were before, 1 in parts of Parquet files */
    format: int().notNull().default(0),
    /** the files that its rows are in; null: they are not kept so */
    pieces: json<StoredPiece[] | null>('pieces'),
    /** its first rows, as text */
    preview: json<(string | null)[][] | null>('preview'),
    /** false while its rows are still coming in */
    ready: boolean().notNull(),
    createdAt: at('created_at').notNull(),
  },
  (table) => [
    index('versions_by_source').on(table.sourceId),
    index('versions_by_upload').on(table.uploadId),
  ],
);
