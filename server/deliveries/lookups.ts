import { formatDay } from '../../core/calendar';
import type { Lookup, Step } from '../../core/preparation';
import type { Cell, CellValue, ColumnKind } from '../../core/table';
import { ProblemError } from '../../core/values';
import type { Database } from '../database';
import { openStandingRows } from '../sources';
import type { Lookups } from './recognise';

const mostRows = 100_000;

/** The sources that a preparation looks something up in. */
export const sourcesLookedUp = (steps: readonly Step[] | undefined): number[] => [
  ...new Set(
    (steps ?? []).flatMap((step) => (step.kind === 'join' && !step.off ? [step.sourceId] : [])),
  ),
];

/**
 * Reads the rows of sources that a preparation looks something up in. Whoever asks for them has to be
 * allowed to draw from them.
 * @throws ProblemError when one has more rows than can be held beside a file
 */
export async function readLookups(
  database: Database,
  steps: readonly Step[] | undefined,
): Promise<Lookups> {
  const found = new Map<number, Lookup>();
  for (const sourceId of sourcesLookedUp(steps)) {
    const source = await openStandingRows(database, sourceId);
    if (!source) continue;
    if (source.rows.count > mostRows)
      throw new ProblemError({
        code: 'lookup-too-large',
        sentence: `${source.name} has more than ${mostRows.toLocaleString('en-GB')} rows, too many to look something up in.`,
      });
    const rows: Cell[][] = [];
    for await (const batch of source.rows.batches())
      for (const row of batch)
        rows.push(row.map((value, place) => asCell(value, source.rows.columns[place]?.kind)));
    const columns = source.rows.columns.map(({ name }) => name);
    found.set(sourceId, { name: source.name, columns, rows });
  }
  return found;
}

function asCell(value: CellValue, kind: ColumnKind | undefined): Cell {
  if (value === null) return '';
  return kind === 'date' && typeof value === 'number' ? formatDay(value) : value;
}
