import { keptColumns } from '../columns';
import { layOver } from './layOver';
import { checkKinds } from './mergeTables';
import { rowsOfPiece } from './rowPacker';
import type { StorableTable, TypedTable } from './typedTable';
import type { VersionRows } from './versionRows';

/**
 * Puts delivered rows after those that a source has. Pieces of them that are at least half full stand as
 * they are: rows that are there already are neither read nor written again.
 * @throws ProblemError when a column holds another kind of thing
 */
export function appendRows(standing: VersionRows, delivered: TypedTable): StorableTable {
  checkKinds(standing, delivered);
  const laid = layOver(standing.columns, delivered.columns);
  const { versionId, pieces, columns } = standing.kept;
  const full = rowsOfPiece(columns.length) / 2;
  const partly = pieces.findIndex(({ rows }) => rows < full);
  const whole = partly < 0 ? pieces : pieces.slice(0, partly);
  const from = whole.reduce((sum, { rows }) => sum + rows, 0);
  return {
    columns: laid.columns,
    found: null,
    rows: standing.count + delivered.rows,
    write: async (store) => {
      if (whole.length > 0) await store.copy({ versionId, pieces: whole }, keptColumns(columns));
      for await (const batch of standing.batches(from))
        await store.add(batch.map((row) => laid.standing(row)));
      for await (const batch of delivered.batches())
        await store.add(batch.map((row) => laid.delivered(row)));
    },
  };
}
