import { type FileMetaData, parquetMetadata, parquetRead, type SchemaElement } from 'hyparquet';
import { compressors } from 'hyparquet-compressors';
import { missingDay } from '../../core/table';
import { exactDigits, fileColumn, type KeptColumn } from './kept';
import type { RawColumn } from './rawColumns';

/** Some rows of a file, the last one not among them. */
export interface RowRange {
  from: number;
  to: number;
}

/**
 * Reads columns of a Parquet file, here and without the engine.
 * @param content the file
 * @param kept how the columns of its version are kept
 * @param places of those that are read
 * @param range the rows that are read; missing: all
 */
export async function unpackAlone(
  content: ArrayBuffer,
  kept: readonly KeptColumn[],
  places: readonly number[],
  range?: RowRange,
): Promise<RawColumn[]> {
  const found = parquetMetadata(content);
  const metadata = asStored(found);
  const all = Number(metadata.num_rows);
  const { from, to } = range ?? { from: 0, to: all };
  const rows = Math.max(0, Math.min(to, all) - from);
  const fillings = new Map(
    places.map((place) => {
      const own = found.schema.find(({ name }) => name === fileColumn(place));
      return [fileColumn(place), fillingOf(kept[place] as KeptColumn, rows, own)] as const;
    }),
  );
  const there = [...fillings].flatMap(([name, { isThere }]) => (isThere ? name : []));
  if (rows > 0 && there.length > 0)
    await parquetRead({
      file: content,
      metadata,
      compressors,
      utf8: false,
      columns: there,
      rowStart: from,
      rowEnd: from + rows,
      onChunk: ({ columnName, columnData, rowStart }) => {
        const filling = fillings.get(columnName);
        const cells = columnData as ArrayLike<unknown>;
        for (let at = 0; at < cells.length; at += 1) {
          const row = rowStart + at - from;
          // A chunk may bring rows that nobody asked for.
          if (row >= 0 && row < rows) filling?.put(row, cells[at] ?? null);
        }
      },
    });
  return [...fillings.values()].map(({ column }) => column);
}

/** Cells are given as they are stored: days since 1970, and whole numbers behind decimals. */
const asStored = (metadata: FileMetaData): FileMetaData => ({
  ...metadata,
  schema: metadata.schema.map(({ converted_type: _, logical_type: __, ...element }) => element),
});

interface Filling {
  column: RawColumn;
  /** whether the file has the column: rows that came before it did have none */
  isThere: boolean;
  put(row: number, cell: unknown): void;
}

/** @param own what the file says of the column; each has the digits that its own figures need */
function fillingOf({ kind }: KeptColumn, rows: number, own: SchemaElement | undefined): Filling {
  const isThere = own !== undefined;
  if (kind === 'date') {
    const days = new Int32Array(rows).fill(missingDay);
    const put = (row: number, cell: unknown) => (days[row] = (cell as number | null) ?? missingDay);
    return { column: { kind, days }, isThere, put };
  }
  if (kind === 'text') return { ...wordsFilling(rows), isThere };
  const { precision: digits = 0, scale: decimals = 0 } = own ?? {};
  const values = new Float64Array(rows).fill(NaN);
  const scale = 10 ** decimals;
  const figure = (cell: unknown): number => {
    if (digits === 0) return cell as number;
    const whole = cell instanceof Uint8Array ? wideNumber(cell) : (cell as number | bigint);
    // Divided, a whole number beyond those that figures hold would be rounded twice.
    return digits > exactDigits ? Number(`${whole}e-${decimals}`) : Number(whole) / scale;
  };
  const put = (row: number, cell: unknown) => (values[row] = cell === null ? NaN : figure(cell));
  return { column: { kind, values }, isThere, put };
}

/** Words come as bytes, those of a dictionary as the same bytes each time. */
function wordsFilling(rows: number): Omit<Filling, 'isThere'> {
  const codes = new Int32Array(rows).fill(-1);
  const words: string[] = [];
  const byBytes = new Map<unknown, number>();
  const byWord = new Map<string, number>();
  const decoder = new TextDecoder('utf-8', { ignoreBOM: true });
  const codeOf = (bytes: Uint8Array) => {
    const word = decoder.decode(bytes);
    const code = byWord.get(word) ?? words.push(word) - 1;
    byWord.set(word, code);
    byBytes.set(bytes, code);
    return code;
  };
  const put = (row: number, cell: unknown) => {
    codes[row] = cell === null ? -1 : (byBytes.get(cell) ?? codeOf(cell as Uint8Array));
  };
  return { column: { kind: 'text', codes, words }, put };
}

/** A whole number of sixteen bytes, the greatest first. */
function wideNumber(bytes: Uint8Array): bigint {
  const hex = Buffer.from(bytes.buffer, bytes.byteOffset, bytes.byteLength).toString('hex');
  return BigInt.asIntN(8 * bytes.length, BigInt(`0x${hex}`));
}
