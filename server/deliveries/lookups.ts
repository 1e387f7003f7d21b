import { formatDay } from '../../core/calendar';
import type { Lookup, Step } from '../../core/preparation';
import type { Cell, CellValue } from '../../core/table';
import { ProblemError } from '../../core/values';
import { cellAt, type RawColumn } from '../columns';
import type { Database } from '../database';
import { settings } from '../settings';
import { openStandingRows, readColumns } from '../sources';
import type { Lookups } from './recognise';

type Join = Extract<Step, { kind: 'join' }>;

const joinsOf = (steps: readonly Step[] | undefined): Join[] =>
  (steps ?? []).flatMap((step) => (step.kind === 'join' && !step.off ? [step] : []));

/** The sources that a preparation looks something up in. */
export const sourcesLookedUp = (steps: readonly Step[] | undefined): number[] => [
  ...new Set(joinsOf(steps).map(({ sourceId }) => sourceId)),
];

/**
 * Reads what a preparation looks up in other sources: of each, the columns that it names. Whoever asks
 * for them has to be allowed to draw from them.
 * @throws ProblemError when one has more rows than can be held beside a file
 */
export async function readLookups(
  database: Database,
  steps: readonly Step[] | undefined,
): Promise<Lookups> {
  const found = new Map<number, Lookup>();
  const joins = joinsOf(steps);
  for (const sourceId of sourcesLookedUp(steps)) {
    const source = await openStandingRows(database, sourceId);
    if (!source) continue;
    const { count, columns, kept } = source.rows;
    if (count > settings.rowsLookedUp)
      throw new ProblemError({
        code: 'lookup-too-large',
        sentence: `${source.name} has more than ${settings.rowsLookedUp.toLocaleString('en-GB')} rows, too many to look something up in.`,
      });
    const named = new Set(
      joins
        .filter((join) => join.sourceId === sourceId)
        .flatMap(({ lookupKey, take }) => [lookupKey, ...take]),
    );
    const places = columns.flatMap(({ name }, place) => (named.has(name) ? [place] : []));
    const read = await readColumns(database, kept, places);
    const cells = new Map(places.map((place, at) => [place, read[at] as RawColumn]));
    found.set(sourceId, {
      name: source.name,
      columns: columns.map(({ name }) => name),
      rows: count,
      cell: (row, place) => {
        const column = cells.get(place);
        return column ? asCell(cellAt(column, row), column) : '';
      },
    });
  }
  return found;
}

function asCell(value: CellValue, { kind }: RawColumn): Cell {
  if (value === null) return '';
  return kind === 'date' && typeof value === 'number' ? formatDay(value) : value;
}
