import { type CellValue, type ColumnKind, FigureDigits, missingDay } from '../../core/table';

/** The cells of one column over some rows, as they go between processes, files and memory. */
export type RawColumn =
  | { kind: 'date'; days: Int32Array }
  | { kind: 'number'; values: Float64Array }
  /** codes are places in the list of words; -1 where blank */
  | { kind: 'text'; codes: Int32Array; words: string[] };

/** Gathers rows into columns, up to so many. */
export class RowGatherer {
  private columns: RawColumn[] = [];
  private codes: Map<string, number>[] = [];
  private needs: FigureDigits[] = [];
  count = 0;

  /** @param capacity how many rows it takes at most */
  constructor(
    private readonly kinds: readonly ColumnKind[],
    readonly capacity: number,
    /** whether it finds out how many digits the figures need */
    private readonly findsDigits: boolean,
  ) {
    this.begin();
  }

  get isFull() {
    return this.count === this.capacity;
  }

  add(values: readonly CellValue[]) {
    const row = this.count;
    for (let place = 0; place < this.columns.length; place += 1) {
      const column = this.columns[place] as RawColumn;
      const value = values[place] ?? null;
      if (column.kind === 'date') column.days[row] = value === null ? missingDay : Number(value);
      else if (column.kind === 'number') this.addFigure(place, column, row, value);
      else column.codes[row] = value === null ? -1 : this.codeOf(place, column, String(value));
    }
    this.count = row + 1;
  }

  /** The rows that were gathered, and the digits that their figures need; it begins anew. */
  take(): { columns: RawColumn[]; needs: readonly FigureDigits[] } {
    const { count, columns, needs } = this;
    this.begin();
    return { columns: columns.map((column) => sliced(column, 0, count)), needs };
  }

  private addFigure(
    place: number,
    { values }: { values: Float64Array },
    row: number,
    value: CellValue,
  ) {
    const figure = value === null ? NaN : Number(value);
    values[row] = figure;
    if (this.findsDigits && value !== null) this.needs[place]?.add(figure);
  }

  private begin() {
    this.count = 0;
    this.codes = this.kinds.map(() => new Map());
    this.needs = this.kinds.map(() => new FigureDigits());
    this.columns = this.kinds.map((kind): RawColumn => {
      if (kind === 'date') return { kind, days: new Int32Array(this.capacity) };
      if (kind === 'number') return { kind, values: new Float64Array(this.capacity) };
      return { kind, codes: new Int32Array(this.capacity), words: [] };
    });
  }

  private codeOf(place: number, { words }: { words: string[] }, word: string): number {
    const known = this.codes[place] as Map<string, number>;
    let code = known.get(word);
    if (code === undefined) {
      code = words.push(word) - 1;
      known.set(word, code);
    }
    return code;
  }
}

/** Some rows of a column, the last one not among them; its words stay whole. */
export function sliced(column: RawColumn, from: number, to: number): RawColumn {
  if (column.kind === 'date') return { ...column, days: column.days.slice(from, to) };
  if (column.kind === 'number') return { ...column, values: column.values.slice(from, to) };
  return { ...column, codes: column.codes.slice(from, to) };
}

/** A cell of a column, as it was typed. */
export function cellAt(column: RawColumn, row: number): CellValue {
  if (column.kind === 'date') {
    const day = column.days[row] as number;
    return day === missingDay ? null : day;
  }
  if (column.kind === 'number') {
    const value = column.values[row] as number;
    return Number.isNaN(value) ? null : value;
  }
  return column.words[column.codes[row] as number] ?? null;
}

/** Puts the columns of rows that follow one another together. */
export function joined(pieces: readonly (readonly RawColumn[])[]): RawColumn[] {
  const [first = []] = pieces;
  if (pieces.length === 1) return [...first];
  return first.map((column, place): RawColumn => {
    const all = pieces.map((piece) => piece[place] as RawColumn);
    if (column.kind === 'date') {
      const days = all.map((each) => (each as typeof column).days);
      return { kind: 'date', days: together(days, (rows) => new Int32Array(rows)) };
    }
    if (column.kind === 'number') {
      const values = all.map((each) => (each as typeof column).values);
      return { kind: 'number', values: together(values, (rows) => new Float64Array(rows)) };
    }
    return joinedWords(all as Extract<RawColumn, { kind: 'text' }>[]);
  });
}

/** One code a word over all of them. */
function joinedWords(all: readonly Extract<RawColumn, { kind: 'text' }>[]): RawColumn {
  const words: string[] = [];
  const known = new Map<string, number>();
  const codes = all.map((column) => {
    const own = column.words.map((word) => {
      const code = known.get(word) ?? words.push(word) - 1;
      known.set(word, code);
      return code;
    });
    return column.codes.map((code) => (code < 0 ? -1 : (own[code] as number)));
  });
  return { kind: 'text', codes: together(codes, (rows) => new Int32Array(rows)), words };
}

function together<Cells extends Int32Array | Float64Array>(
  parts: readonly Cells[],
  make: (rows: number) => Cells,
): Cells {
  const whole = make(parts.reduce((sum, { length }) => sum + length, 0));
  parts.reduce((at, part) => {
    whole.set(part, at);
    return at + part.length;
  }, 0);
  return whole;
}
