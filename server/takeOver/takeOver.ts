import { setTimeout as wait } from 'node:timers/promises';
import { and, eq } from 'drizzle-orm';
import { ExactSum } from '../../core/values';
import { digitsFor, keptColumns } from '../columns';
import {
  type Database,
  type Lease,
  type StoredColumn,
  type StoredPiece,
  takeLease,
  tables,
} from '../database';
import { parquetParts, previewRows, readRows, removeParts, rowAsText, RowStore } from '../sources';
import { oldRows, oldTotals, type OldVersion } from './oldTables';

const { sourceVersions } = tables;

/**
 * Takes versions over whose rows are in tables of their own: each is written as pieces, read back, and
 * held to what the database says of its columns before it counts. It can be killed at any moment and run
 * again; the tables stay.
 * @param say is told how far it is
 * @throws Error when a version does not come to the same
 */
export async function takeVersionsOver(
  database: Database,
  say: (sentence: string) => void,
): Promise<void> {
  const isOld = and(eq(sourceVersions.format, 0), eq(sourceVersions.ready, true));
  const old = await database
    .select({ id: sourceVersions.id, rows: sourceVersions.rows, columns: sourceVersions.columns })
    .from(sourceVersions)
    .where(isOld);
  for (const [place, version] of old.entries()) {
    const lease = await leaseOf(database, version.id);
    try {
      // Another server may have taken it over meanwhile: its parts are not to be written again.
      if (!(await isStillOld(database, version.id))) continue;
      say(`taking over version ${place + 1} of ${old.length}, ${version.rows} rows`);
      await takeOver(database, version, lease);
    } finally {
      await lease.release();
    }
  }
}

async function isStillOld(database: Database, versionId: number): Promise<boolean> {
  const [version] = await database
    .select({ format: sourceVersions.format })
    .from(sourceVersions)
    .where(eq(sourceVersions.id, versionId));
  return version?.format === 0;
}

/** How long it waits for another one that works on a version, in seconds. */
const patience = 120;

/** Holds a version; one that was killed over it held it for a while longer. */
async function leaseOf(database: Database, versionId: number): Promise<Lease> {
  for (let waited = 0; waited < patience; waited += 1) {
    const lease = await takeLease(database, { kind: 'version', subject: versionId });
    if (lease) return lease;
    await wait(1000);
  }
  throw new Error(`Version ${versionId} is being worked on by another server.`);
}

async function takeOver(database: Database, version: OldVersion, lease: Lease) {
  // What an earlier run has left is written anew.
  await removeParts(database, version.id);
  const totals = await oldTotals(database, version);
  const columns = version.columns.map(({ coded: _, ...column }, place): StoredColumn => {
    const largest = totals.columns[place]?.largest ?? 0;
    const digits = digitsFor(column.kind, { decimals: column.decimals, largest });
    return { ...column, ...(digits > 0 && { digits }) };
  });
  const kinds = columns.map(({ kind }) => kind);
  const kept = keptColumns(columns);
  const store = new RowStore(database, version.id, kinds, kept, version.rows, () => {
    if (lease.lost.aborted) throw new Error('It was interrupted for too long.');
  });
  const preview: (string | null)[][] = [];
  for await (const batch of oldRows(database, version)) {
    for (const cells of batch.slice(0, previewRows - preview.length))
      preview.push(rowAsText(cells, columns));
    await store.add(batch);
  }
  const { pieces } = await store.finish();
  await holdTo(database, { ...version, columns }, pieces, totals);
  await database
    .update(sourceVersions)
    .set({ format: parquetParts, columns, pieces, preview })
    .where(and(eq(sourceVersions.id, version.id), eq(sourceVersions.format, 0)));
}

/** Reads what was written, and holds each column's count and sum to what the database says. */
async function holdTo(
  database: Database,
  { id, rows, columns }: OldVersion,
  pieces: readonly StoredPiece[],
  totals: Awaited<ReturnType<typeof oldTotals>>,
) {
  const found = columns.map(({ decimals }) => ({
    there: 0,
    exact: new ExactSum(Math.min(decimals, 12)),
    sum: 0,
  }));
  let read = 0;
  for await (const batch of readRows(database, { versionId: id, rows, columns, pieces })) {
    read += batch.length;
    for (const cells of batch)
      cells.forEach((cell, place) => {
        const own = found[place];
        if (cell === null || !own) return;
        own.there += 1;
        if (typeof cell === 'string') own.sum += Buffer.byteLength(cell);
        else if ((columns[place]?.digits ?? 0) > 0) own.exact.add(cell);
        else own.sum += cell;
      });
  }
  const isSame =
    read === totals.rows &&
    found.every(({ there, exact, sum }, place) => {
      const wanted = totals.columns[place];
      const own = (columns[place]?.digits ?? 0) > 0 ? exact.total : sum;
      const apart = Math.abs(own - (wanted?.sum ?? 0));
      // Binary fractions are summed in another order.
      return there === wanted?.there && apart <= 1e-9 * Math.abs(own);
    });
  if (!isSame) throw new Error(`Version ${id} does not come to the same as its tables.`);
}
