import type { Connection } from 'mysql2/promise';
import type { Understanding } from '../../contract';
import { formatDay } from '../../core/calendar';
import type { CellValue } from '../../core/table';
import type { StoredColumn } from '../database';

/** The table that holds the rows of one source version. */
export const factsTable = (versionId: number) => `facts_${versionId}`;

/** The table that holds the words of its text columns, each with its code. */
export const wordsTable = (versionId: number) => `words_${versionId}`;

/** The column of a facts table that holds the cells of the source's column at a place. */
export const factsColumn = (place: number) => `c${place}`;

/** From so many digits on, figures are kept as binary fractions. */
const mostDecimals = 12;

type Surveyed = Pick<Understanding, 'columns' | 'found' | 'rows'>;

/** How the columns of an understood file are kept. */
export function storedColumns({ columns, found }: Surveyed): StoredColumn[] {
  return (columns ?? []).map(({ name, kind, datePattern }, place) => ({
    ...{ name, kind, datePattern },
    decimals: found[place]?.decimals ?? 0,
    words: found[place]?.words ?? 0,
    ...(kind === 'text' && { coded: true }),
  }));
}

/**
 * Makes the tables of a version: one typed column for each column of the source, no wider than what
 * was found in it, so that as many columns fit into a row as may be brought in.
 */
export async function makeFactsTable(
  connection: Pick<Connection, 'query'>,
  versionId: number,
  survey: Surveyed,
) {
  const columns = (survey.columns ?? []).map(
    ({ kind }, place) =>
      `${factsColumn(place)} ${columnType(kind, survey.found[place], survey.rows)}`,
  );
  await connection.query(
    `CREATE TABLE ${factsTable(versionId)} (\`row\` INT PRIMARY KEY, ${columns.join(', ')}) ROW_FORMAT=DYNAMIC`,
  );
  await connection.query(
    `CREATE TABLE ${wordsTable(versionId)} (place SMALLINT, code INT, word VARCHAR(500) NOT NULL, PRIMARY KEY (place, code))`,
  );
}

function columnType(
  kind: StoredColumn['kind'],
  found: Understanding['found'][number] | undefined,
  rows: number,
): string {
  if (!found || found.blank + found.doubtful === rows) return 'TINYINT';
  if (kind === 'date') return 'DATE';
  if (kind === 'text') return 'INT';
  const digits = String(Math.trunc(found.largest)).length;
  return found.decimals <= mostDecimals
    ? `DECIMAL(${digits + found.decimals}, ${found.decimals})`
    : 'DOUBLE';
}

export async function dropFactsTable(connection: Pick<Connection, 'query'>, versionId: number) {
  // Whoever still writes to it is waited for, but not for ever: the next sweep comes.
  await connection.query(
    `SET STATEMENT lock_wait_timeout=5 FOR DROP TABLE IF EXISTS ${factsTable(versionId)}, ${wordsTable(versionId)}`,
  );
}

/** Different words that are remembered for one column; a word met again beyond gets another code. */
const mostRemembered = 50_000;

/** Gives the words of a version's text columns their codes. */
export class WordCodes {
  private readonly known = new Map<number, { codes: Map<string, number>; next: number }>();
  private fresh: [place: number, code: number, word: string][] = [];

  codeOf(place: number, word: string): number {
    const column = this.known.get(place) ?? { codes: new Map<string, number>(), next: 0 };
    this.known.set(place, column);
    const before = column.codes.get(word);
    if (before !== undefined) return before;
    const code = column.next++;
    if (column.codes.size < mostRemembered) column.codes.set(word, code);
    this.fresh.push([place, code, word]);
    return code;
  }

  /** The words that have been given a code since this was last asked. */
  takeFresh() {
    const { fresh } = this;
    this.fresh = [];
    return fresh;
  }
}

/** Turns read cells into what the facts table takes: days as dates, words as their codes. */
export function factsRow(
  row: number,
  values: readonly CellValue[],
  columns: readonly StoredColumn[],
  words: WordCodes,
) {
  return [
    row,
    ...values.map((value, place) => {
      if (typeof value === 'string') return words.codeOf(place, value);
      return value !== null && columns[place]?.kind === 'date' ? writtenDay(value) : value;
    }),
  ];
}

const written = new Map<number, string>();

/** Files repeat their days; each is written once. */
function writtenDay(day: number): string {
  let text = written.get(day);
  if (text === undefined) {
    text = formatDay(day);
    written.set(day, text);
  }
  return text;
}
