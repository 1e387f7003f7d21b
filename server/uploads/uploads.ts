import { randomUUID } from 'node:crypto';
import { promisify } from 'node:util';
import { deflateRaw, inflateRaw } from 'node:zlib';
import { and, desc, eq, lt, notExists, or, sql } from 'drizzle-orm';
import type { Person, Understanding, Upload } from '../../contract';
import { type Problem, ProblemError, sayBytes } from '../../core/values';
import { type Database, heldByNobody, inTransaction, tables } from '../database';
import { Refusal } from '../http';
import { bytesOfPerson, requireRoom } from '../quotas';
import { settings } from '../settings';
import { withShare } from './shares';

const { uploads, uploadParts } = tables;
const notWhole: Problem = {
  code: 'upload-gone',
  sentence: 'The file is not here whole any more. Choose it again.',
};

const partBytes = 1024 * 1024;
const keptHours = 24;

/** A file that has not arrived within so many minutes was given up by whoever sent it. */
const longestMinutes = 15;

/**
 * Keeps a delivered file in the database, part by part, until it is brought in or a day has passed.
 * Between parts nothing of the database is held: the client may be slow.
 * @param content the file's bytes as they arrive
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
    requireRoom('bytes', await bytesOfPerson(database, person.id));
    const id = randomUUID().replaceAll('-', '');
    const row = { id, ownerId: person.id, fileName, bytes: 0, createdAt: new Date() };
    await database.insert(uploads).values({ ...row, ready: false });
    try {
      const { bytes, kept } = await keepParts(database, id, content);
      if (bytes === 0)
        throw new Refusal(422, {
          code: 'empty-file',
          sentence: `${fileName} is empty. Choose a file with figures.`,
        });
      requireRoom('bytes', await bytesOfPerson(database, person.id), kept);
      await database.update(uploads).set({ bytes, kept, ready: true }).where(eq(uploads.id, id));
      await keepLatest(database, person);
      return { id, fileName, bytes };
    } catch (error) {
      await forgetUploads(database, [id]);
      throw error;
    }
  });
}

/** Packs parts quickly rather than small. */
const pack = (part: Buffer) => promisify(deflateRaw)(part, { level: 1 });
const unpack = promisify(inflateRaw) as (part: Buffer) => Promise<Buffer>;

async function keepParts(database: Database, id: string, content: AsyncIterable<Buffer>) {
  let waiting: Buffer[] = [];
  let held = 0;
  let bytes = 0;
  let kept = 0;
  let place = 0;
  const flush = async () => {
    if (held === 0) return;
    const packed = await pack(Buffer.concat(waiting));
    await database.insert(uploadParts).values({ uploadId: id, place, content: packed });
    kept += packed.length;
    place += 1;
    waiting = [];
    held = 0;
  };
  for await (const chunk of content) {
    bytes += chunk.length;
    held += chunk.length;
    if (bytes > settings.fileBytes) {
      const sentence = `The file is larger than ${sayBytes(settings.fileBytes)}. Bring it in as several files, or leave columns out.`;
      throw new Refusal(413, { code: 'file-too-large', sentence });
    }
    waiting.push(chunk);
    if (held >= partBytes) await flush();
  }
  await flush();
  return { bytes, kept };
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
    throw new Refusal(404, { ...notWhole, sentence });
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

/**
 * Reads the content of an upload, part by part.
 * @param upload its number and its length in bytes
 * @throws ProblemError when less comes, or more, than was sent
 */
export async function* readUpload(
  database: Database,
  { id, bytes }: Pick<Upload, 'id' | 'bytes'>,
): AsyncGenerator<Buffer> {
  const [upload] = await database
    .select({ kept: uploads.kept })
    .from(uploads)
    .where(eq(uploads.id, id));
  const isPacked = upload ? upload.kept !== null : false;
  const fetchPart = async (place: number): Promise<Buffer | null> => {
    const part = and(eq(uploadParts.uploadId, id), eq(uploadParts.place, place));
    const [row] = await database.select().from(uploadParts).where(part);
    return !row ? null : isPacked ? unpack(row.content) : row.content;
  };
  let read = 0;
  let coming = fetchPart(0);
  for (let place = 1; ; place += 1) {
    const part = await coming;
    if (!part) break;
    // The next one comes while this one is read; nobody may ask for it any more when it fails.
    coming = fetchPart(place);
    coming.catch(() => {});
    read += part.length;
    yield part;
  }
  if (read !== bytes) throw new ProblemError(notWhole);
}

/** While somebody reads a file, or brings it in, nothing of it is forgotten. */
const readByNobody = heldByNobody(['file', 'file-read'], uploads.id);

/** How many may read one file at the same time. */
const mostReaders = 8;

/**
 * Does work that reads a file, which stays whole meanwhile.
 * @param work during which nobody removes it
 * @throws Refusal 404 when it is gone, 409 when too many read it
 */
export async function whileRead<T>(
  database: Database,
  person: Person,
  id: string,
  work: (upload: Upload) => Promise<T>,
): Promise<T> {
  const leased = { kind: 'file-read', subject: id, most: mostReaders } as const;
  return withShare(database, leased, async () => work(await requireUpload(database, person, id)));
}

/** Forgets uploads and their content, but for those that are being read. */
export async function forgetUploads(database: Database, ids: string[]): Promise<void> {
  for (const id of ids)
    await inTransaction(database, async (change) => {
      const unread = and(eq(uploads.id, id), readByNobody);
      const [{ affectedRows }] = await change.delete(uploads).where(unread);
      if (affectedRows > 0) await change.delete(uploadParts).where(eq(uploadParts.uploadId, id));
    });
}

/** Uploads that no version stands on. */
const notBroughtIn = notExists(
  sql`(SELECT 1 FROM source_versions WHERE source_versions.upload_id = ${uploads.id})`,
);

/**
 * Forgets all but the latest few of a person that were not brought in.
 * @param kept how many of the latest stay
 */
export async function keepLatest(
  database: Database,
  person: Pick<Person, 'id'>,
  kept = settings.uploadsKept,
): Promise<void> {
  const own = await database
    .select({ id: uploads.id })
    .from(uploads)
    .where(and(eq(uploads.ownerId, person.id), eq(uploads.ready, true), notBroughtIn, readByNobody))
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
