import { parentPort, workerData } from 'node:worker_threads';
import { utils, write } from '@e965/xlsx';
import type { CellValue } from '../../core/table';
import { openDatabase } from '../database';
import { settings } from '../settings';
import { openVersionRows } from '../sources';

/** Writes a version as a workbook, off the main thread: all of it has to be there at once. */

const { versionId, name } = workerData as { versionId: number; name: string };
const database = openDatabase(2, 6 * settings.databaseSeconds);

const rows = await openVersionRows(database, versionId);
const table: unknown[][] = [rows?.columns.map((column) => column.name) ?? []];
if (rows)
  for await (const batch of rows.batches())
    for (const row of batch) table.push(row.map((value, place) => asCell(value, place)));
await database.$client.end();

function asCell(value: CellValue, place: number) {
  const kind = rows?.columns[place]?.kind;
  if (kind !== 'date' || typeof value !== 'number') return value;
  // A spreadsheet counts days from the end of 1899.
  return { t: 'n', v: value + 25_569, z: 'yyyy-mm-dd' };
}

const sheet = utils.aoa_to_sheet(table);
const book = utils.book_new(sheet, name.replace(/[\\/?*[\]:]/g, ' ').slice(0, 31) || 'Rows');
parentPort?.postMessage(write(book, { type: 'buffer', compression: true }));
