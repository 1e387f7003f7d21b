import { randomUUID } from 'node:crypto';
import { and, asc, desc, eq, inArray, lt } from 'drizzle-orm';
import { bringInLimits, type Person, type Upload } from '../../contract';
import { type Database, type Queries, tables } from '../database';
import { Refusal } from '../http';

const { uploads, uploadParts } = tables;
const partBytes = 1024 * 1024;
const keptHours = 24;
const keptUploads = 5;

/**
 * Keeps a delivered file in the database, part by part, until it is brought in or a day has passed.
 * @throws Refusal 413 when it is too large, 422 when it is empty; nothing is kept then
 */
export async function keepUpload(
  database: Database,
  person: Person,
  fileName: string,
  content: AsyncIterable<Buffer>,
): Promise<Upload> {
  await forgetOldUploads(database, person);
  const id = randomUUID().replaceAll('-', '');
  return database.transaction(async (change) => {
    const bytes = await keepParts(change, id, content);
    if (bytes === 0)
      throw new Refusal(422, {
        code: 'empty-file',
        sentence: `${fileName} is empty. Choose a file with figures.`,
      });
    await change
      .insert(uploads)
      .values({ id, ownerId: person.id, fileName, bytes, createdAt: new Date() });
    return { id, fileName, bytes };
  });
}

async function keepParts(change: Queries, id: string, content: AsyncIterable<Buffer>) {
  let waiting: Buffer[] = [];
  let held = 0;
  let bytes = 0;
  let place = 0;
  const flush = async () => {
    if (held === 0) return;
    await change
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
  const own = and(eq(uploads.id, id), eq(uploads.ownerId, person.id));
  const [found] = await database.select().from(uploads).where(own);
  if (!found) {
    const sentence =
      'This file is not here any more: a delivered file is kept for a day. Choose it again.';
    throw new Refusal(404, { code: 'upload-gone', sentence });
  }
  return { id, fileName: found.fileName, bytes: found.bytes };
}

/** Reads the content of an upload, part by part. */
export async function* readUpload(database: Database, id: string): AsyncGenerator<Buffer> {
  for (let place = 0; ; place += 1) {
    const part = and(eq(uploadParts.uploadId, id), eq(uploadParts.place, place));
    const [row] = await database
      .select()
      .from(uploadParts)
      .where(part)
      .orderBy(asc(uploadParts.place));
    if (!row) return;
    yield row.content;
  }
}

/** Forgets an upload that has been brought in. */
export async function forgetUploads(database: Database, ids: string[]): Promise<void> {
  if (ids.length === 0) return;
  await database.delete(uploadParts).where(inArray(uploadParts.uploadId, ids));
  await database.delete(uploads).where(inArray(uploads.id, ids));
}

/** Forgets what is a day old, and all but the latest few of a person. */
async function forgetOldUploads(database: Database, person: Person) {
  const before = new Date(Date.now() - keptHours * 3_600_000);
  const old = await database
    .select({ id: uploads.id })
    .from(uploads)
    .where(lt(uploads.createdAt, before));
  const own = await database
    .select({ id: uploads.id })
    .from(uploads)
    .where(eq(uploads.ownerId, person.id))
    .orderBy(desc(uploads.createdAt));
  await forgetUploads(
    database,
    [...old, ...own.slice(keptUploads - 1)].map(({ id }) => id),
  );
}
