import { readFile } from 'node:fs/promises';
import { and, eq, sql } from 'drizzle-orm';
import { type Database, type StoredPiece, tables } from '../database';
import { columnFolder, hashOf } from './columnFolder';

const { versionParts } = tables;

/** How much goes to the database in one statement, in bytes. */
const partBytes = 1024 * 1024;

/**
 * Writes a piece of a version to the database, a statement for each part.
 * @param piece which one, counted from 0
 * @param onPart is told after every part; may end the work by throwing
 */
export async function storePiece(
  database: Database,
  { versionId, piece, rows }: { versionId: number; piece: number; rows: number },
  content: Uint8Array,
  onPart: () => void,
): Promise<StoredPiece> {
  let parts = 0;
  for (let from = 0; from < content.length; from += partBytes, parts += 1) {
    const part = Buffer.from(content.subarray(from, from + partBytes));
    const place = parts;
    await database
      .insert(versionParts)
      .values({ versionId, piece, place, content: part, bytes: part.length, hash: hashOf(part) });
    onPart();
  }
  return { rows, bytes: content.length, parts, hash: hashOf(content) };
}

/**
 * Writes a piece of one version as a piece of another, a statement for each part; its bytes stay in the
 * database.
 */
export async function copyPiece(
  database: Database,
  from: { versionId: number; piece: number; stands: StoredPiece },
  to: { versionId: number; piece: number },
): Promise<void> {
  for (let place = 0; place < from.stands.parts; place += 1)
    await database.execute(sql`INSERT INTO ${versionParts} (version_id, piece, place, content, bytes, hash)
      SELECT ${to.versionId}, ${to.piece}, place, content, bytes, hash FROM ${versionParts}
      WHERE version_id = ${from.versionId} AND piece = ${from.piece} AND place = ${place}`);
}

/** What of a version is read by its pieces. */
export interface InPieces {
  versionId: number;
  pieces: readonly StoredPiece[];
}

/**
 * What a piece of a version holds, from this server's folder or else from the database.
 * @throws Error when it is not what was stored
 */
export async function pieceContent(
  database: Database,
  version: InPieces,
  piece: number,
): Promise<Buffer> {
  const { hash } = version.pieces[piece] as StoredPiece;
  if (await columnFolder.has(hash)) {
    const content = await readFile(columnFolder.pathOf(hash)).catch(() => null);
    // Another process may have removed it just now.
    if (content) return content;
  }
  return fetchPiece(database, version, piece);
}

/** Where a piece of a version stands in this server's folder; it is brought there first if it has to be. */
export async function pieceFile(
  database: Database,
  version: InPieces,
  piece: number,
): Promise<string> {
  const { hash } = version.pieces[piece] as StoredPiece;
  if (!(await columnFolder.has(hash))) await fetchPiece(database, version, piece, true);
  return columnFolder.pathOf(hash);
}

/** @param needed it has to be in the folder: without room there nothing can go on */
async function fetchPiece(
  database: Database,
  { versionId, pieces }: InPieces,
  piece: number,
  needed = false,
): Promise<Buffer> {
  const { hash, parts } = pieces[piece] as StoredPiece;
  const found: Buffer[] = [];
  for (let place = 0; place < parts; place += 1) {
    const [part] = await database
      .select({ content: versionParts.content })
      .from(versionParts)
      .where(
        and(
          eq(versionParts.versionId, versionId),
          eq(versionParts.piece, piece),
          eq(versionParts.place, place),
        ),
      );
    if (!part) throw new Error(`version ${versionId} lacks part ${place} of piece ${piece}`);
    found.push(part.content);
  }
  const content = Buffer.concat(found);
  if (hashOf(content) !== hash)
    throw new Error(`piece ${piece} of version ${versionId} is not what was stored`);
  await columnFolder.keep(hash, content).catch((error: unknown) => {
    if (needed) throw error;
  });
  return content;
}
