import { Readable } from 'node:stream';
import { setImmediate as immediate } from 'node:timers/promises';
import type { ResultSetHeader } from 'mysql2/promise';
import { formatDay } from '../../core/calendar';
import type { CellValue, ColumnKind } from '../../core/table';
import type { Database } from '../database';
import { factsTable, wordsTable } from './facts';
import { WordCodes } from './wordCodes';

/** Rows that go to the database in one statement. */
const rowsAtOnce = 60_000;

/**
 * Writes typed rows into the tables of a version by the database's bulk path. While one statement is
 * under way the next rows are taken.
 */
export class RowLoader {
  private lines: string[] = [];
  private taken = 0;
  private sending: Promise<void> = Promise.resolve();
  private readonly words = new WordCodes();

  constructor(
    private readonly database: Database,
    private readonly versionId: number,
    private readonly kinds: readonly ColumnKind[],
    /** is told how many rows the database has; may end the work by throwing */
    private readonly onStored: (rows: number) => void,
  ) {}

  /** Takes rows; waits only when the database is behind. */
  async add(rows: readonly (readonly CellValue[])[]) {
    for (const values of rows) {
      this.lines.push(this.lineOf(values));
      this.taken += 1;
    }
    if (this.lines.length >= rowsAtOnce) await this.send();
    // What keeps the lease has its turn, however quickly rows come.
    await immediate();
  }

  /** Sends what is left. @returns how many rows there are in all */
  async finish(): Promise<number> {
    await this.send();
    await this.sending;
    return this.taken;
  }

  private async send() {
    await this.sending;
    const { lines, taken } = this;
    this.lines = [];
    const words = this.words.takeFresh();
    // Whoever waits next is told of a failure; nobody may be waiting when it comes.
    this.sending = this.load(lines, words, taken);
    this.sending.catch(() => {});
  }

  private async load(
    lines: readonly string[],
    words: readonly (readonly [number, number, string])[],
    taken: number,
  ) {
    const wordLines = words.map(([place, code, word]) => `${place}\t${code}\t${escaped(word)}\n`);
    await this.loadInto(wordsTable(this.versionId), wordLines);
    await this.loadInto(factsTable(this.versionId), lines);
    this.onStored(taken);
  }

  private async loadInto(table: string, lines: readonly string[]) {
    if (lines.length === 0) return;
    const [told] = await this.database.$client.query<ResultSetHeader>({
      sql: `LOAD DATA LOCAL INFILE 'rows' INTO TABLE ${table} CHARACTER SET utf8mb4`,
      infileStreamFactory: () => Readable.from([Buffer.from(lines.join(''))]),
    });
    // This path turns errors into warnings, and nothing may be cut or left out.
    if (told.warningStatus > 0 || told.affectedRows !== lines.length)
      throw new Error(`${table}: ${told.info || 'rows were refused'}`);
  }

  private lineOf(values: readonly CellValue[]): string {
    let line = String(this.taken);
    for (let place = 0; place < this.kinds.length; place += 1) {
      const value = values[place] ?? null;
      if (value === null) line += '\t\\N';
      else if (typeof value === 'string') line += `\t${this.words.codeOf(place, value)}`;
      else line += `\t${this.kinds[place] === 'date' ? writtenDay(value) : value}`;
    }
    return `${line}\n`;
  }
}

const special: Record<string, string> = { '\\': '\\\\', '\t': '\\t', '\n': '\\n', '\r': '\\r' };
const escaped = (word: string) => word.replace(/[\\\t\n\r\0]/g, (found) => special[found] ?? '\\0');

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
