import { randomUUID } from 'node:crypto';
import { and, desc, eq, inArray, lt, notExists, or, sql } from 'drizzle-orm';
import { bringInLimits, type Person, type Understanding, type Upload } from '../../contract';
import { type Database, tables } from '../database';
import { Refusal } from '../http';
import { settings } from '../settings';
import { withShare } from './shares';

const { uploads, uploadParts } = tables;
const partBytes = 1024 * 1024;
const keptHours = 24;

/** A file that has not arrived within so many minutes was given up by whoever sent it. */
const longestMinutes = 15;

/**
 * Keeps a delivered file in the database, part by part, until it is brought in or a day has passed.
 * Between parts nothing of the database is held: the client may be slow.
 * @throws Refusal 413 when it is too large, 422 when it is empty, 429 when the person sends too many
 *   at once; nothing is kept then
 */
export async function keepUpload(
  database: Database,
  person: Person,
  fileName: string,
  content: AsyncIterable<Buffer>,
): Promise<Upload> {
  const share = { kind: 'upload', subject: person.id, most: settings.uploadsAtOnce } as const;
  return withShare(database, share, async () => {
    const id = randomUUID().replaceAll('-', '');
    const row = { id, ownerId: person.id, fileName, bytes: 0, createdAt: new Date() };
    await database.insert(uploads).values({ ...row, ready: false });
    try {
      const bytes = await keepParts(database, id, content);
      if (bytes === 0)
        throw new Refusal(422, {
          code: 'empty-file',
          sentence: `${fileName} is empty. Choose a file with figures.`,
        });
      await database.update(uploads).set({ bytes, ready: true }).where(eq(uploads.id, id));
      await keepLatest(database, person);
      return { id, fileName, bytes };
    } catch (error) {
      await forgetUploads(database, [id]);
      throw error;
    }
  });
}

async function keepParts(database: Database, id: string, content: AsyncIterable<Buffer>) {
  let waiting: Buffer[] = [];
  let held = 0;
  let bytes = 0;
  let place = 0;
  const flush = async () => {
    if (held === 0) return;
    await database
      .insert(uploadParts)
      .values({ uploadId: id, place, content: Buffer.concat(waiting) });
    place += 1;
    waiting = [];
    held = 0;
  };
  for await (const chunk of content) {
    bytes += chunk.length;
    held += chunk.length;
    if (bytes > bringInLimits.bytes) {
      const most = bringInLimits.bytes / 1024 / 1024;
      const sentence = `The file is larger than ${most} MB. Bring it in as several files, or leave columns out.`;
      throw new Refusal(413, { code: 'file-too-large', sentence });
    }
    waiting.push(chunk);
    if (held >= partBytes) await flush();
  }
  await flush();
  return bytes;
}

/**
 * Finds an upload of a person.
 * @throws Refusal 404 when it is somebody else's, or gone
 */
export async function requireUpload(
  database: Database,
  person: Person,
  id: string,
): Promise<Upload> {
  const own = and(eq(uploads.id, id), eq(uploads.ownerId, person.id), eq(uploads.ready, true));
  const [found] = await database.select().from(uploads).where(own);
  if (!found) {
    const sentence =
      'This file is not here any more: a delivered file is kept for a day. Choose it again.';
    throw new Refusal(404, { code: 'upload-gone', sentence });
  }
  return { id, fileName: found.fileName, bytes: found.bytes };
}

/** What was understood of a file, with the form that it was understood by. */
export interface Understood {
  key: string;
  understanding: Understanding;
}

/** Remembers what was understood, so that bringing the file in need not look at all of it again. */
export async function rememberUnderstood(
  database: Database,
  id: string,
  understood: Understood,
): Promise<void> {
  await database.update(uploads).set({ understood }).where(eq(uploads.id, id));
}

/** What was last understood of an upload; null when nobody has asked. */
export async function understoodBefore(database: Database, id: string): Promise<Understood | null> {
  const [row] = await database
    .select({ understood: uploads.understood })
    .from(uploads)
    .where(eq(uploads.id, id));
  return row?.understood ?? null;
}

/** Reads the content of an upload, part by part. */
export async function* readUpload(database: Database, id: string): AsyncGenerator<Buffer> {
  for (let place = 0; ; place += 1) {
    const part = and(eq(uploadParts.uploadId, id), eq(uploadParts.place, place));
    const [row] = await database.select().from(uploadParts).where(part);
    if (!row) return;
    yield row.content;
  }
}

/** Forgets uploads and their content. */
export async function forgetUploads(database: Database, ids: string[]): Promise<void> {
  if (ids.length === 0) return;
  await database.delete(uploadParts).where(inArray(uploadParts.uploadId, ids));
  await database.delete(uploads).where(inArray(uploads.id, ids));
}

/** Uploads that no version stands on. */
const notBroughtIn = notExists(
  sql`(SELECT 1 FROM source_versions WHERE source_versions.upload_id = ${uploads.id})`,
);

/** Forgets all but the latest few of a person that were not brought in. */
export async function keepLatest(
  database: Database,
  person: Pick<Person, 'id'>,
  kept = settings.uploadsKept,
): Promise<void> {
  const own = await database
    .select({ id: uploads.id })
    .from(uploads)
    .where(and(eq(uploads.ownerId, person.id), eq(uploads.ready, true), notBroughtIn))
    .orderBy(desc(uploads.createdAt));
  await forgetUploads(
    database,
    own.slice(kept).map(({ id }) => id),
  );
}

/** Forgets what a person has sent only in part, once nothing more of it can come. */
export async function forgetHalfSent(
  database: Database,
  person: Pick<Person, 'id'>,
): Promise<void> {
  const own = await database
    .select({ id: uploads.id })
    .from(uploads)
    .where(and(eq(uploads.ownerId, person.id), eq(uploads.ready, false)));
  await forgetUploads(
    database,
    own.map(({ id }) => id),
  );
}

/** Forgets what is a day old, and what never arrived whole. */
export async function sweepUploads(database: Database): Promise<void> {
  const ago = (minutes: number) => new Date(Date.now() - minutes * 60_000);
  const old = or(
    lt(uploads.createdAt, ago(keptHours * 60)),
    and(eq(uploads.ready, false), lt(uploads.createdAt, ago(longestMinutes))),
  );
  const rows = await database
    .select({ id: uploads.id })
    .from(uploads)
    .where(and(old, notBroughtIn));
  await forgetUploads(
    database,
    rows.map(({ id }) => id),
  );
}
