import Big from 'big.js';
import type { SchemaElement } from 'hyparquet';
import { ByteWriter, ParquetWriter } from 'hyparquet-writer';
import { missingDay } from '../../core/table';
import { fileColumn, type KeptColumn, rowColumn } from './kept';
import type { RawColumn } from './rawColumns';

/** Rows that are packed, and read, together. */
const rowsOfGroup = 50_000;

/**
 * Packs rows as a Parquet file, here and without the engine.
 * @param kept how the columns are kept
 * @param columns the cells, as many in each
 * @param first the number of the first row in its version
 */
export async function packAlone(
  kept: readonly KeptColumn[],
  columns: readonly RawColumn[],
  { first, rows }: { first: number; rows: number },
): Promise<Uint8Array> {
  const writer = new ByteWriter();
  const packed = new ParquetWriter({ writer, schema: schemaOf(kept), codec: 'SNAPPY' });
  const numbers = Int32Array.from({ length: rows }, (_, at) => first + at);
  await packed.write({
    rowGroupSize: rowsOfGroup,
    columnData: [
      { name: rowColumn, data: numbers, encoding: 'DELTA_BINARY_PACKED' },
      ...columns.map((column, place) => ({
        name: fileColumn(place),
        data: cellsOf(column, kept[place] as KeptColumn),
      })),
    ],
  });
  await packed.finish();
  return writer.getBytes();
}

const schemaOf = (kept: readonly KeptColumn[]): SchemaElement[] => [
  { name: 'root', num_children: kept.length + 1 },
  { name: rowColumn, type: 'INT32', repetition_type: 'REQUIRED' },
  ...kept.map((column, place): SchemaElement => ({
    name: fileColumn(place),
    repetition_type: 'OPTIONAL',
    ...elementOf(column),
  })),
];

/** Bytes of a decimal of up to 38 digits. */
const wideBytes = 16;

function elementOf({ kind, digits, decimals }: KeptColumn): Partial<SchemaElement> {
  if (kind === 'date') return { type: 'INT32', converted_type: 'DATE' };
  if (kind === 'text') return { type: 'BYTE_ARRAY', converted_type: 'UTF8' };
  if (digits === 0) return { type: 'DOUBLE' };
  const decimal = { converted_type: 'DECIMAL', precision: digits, scale: decimals } as const;
  if (digits <= 9) return { ...decimal, type: 'INT32' };
  if (digits <= 18) return { ...decimal, type: 'INT64' };
  return { ...decimal, type: 'FIXED_LEN_BYTE_ARRAY', type_length: wideBytes };
}

/** What the writer takes of a column: blank cells as null, decimals as their whole numbers. */
function cellsOf(column: RawColumn, { digits, decimals }: KeptColumn): unknown[] {
  if (column.kind === 'date')
    return Array.from(column.days, (day) => (day === missingDay ? null : day));
  if (column.kind === 'text') {
    const encoder = new TextEncoder();
    const words = column.words.map((word) => encoder.encode(word));
    return Array.from(column.codes, (code) => (code < 0 ? null : words[code]));
  }
  const whole = digits === 0 ? (value: number) => value : wholeOf(decimals);
  return Array.from(column.values, (value) => (Number.isNaN(value) ? null : whole(value)));
}

/** Below this a figure times its power of ten is off its whole number by less than a half. */
const roundable = 2 ** 50;

/** The whole number of a decimal: 1.5 with two decimals is 150. */
function wholeOf(decimals: number): (value: number) => bigint {
  const scale = 10 ** decimals;
  return (value) => {
    const scaled = value * scale;
    if (Math.abs(scaled) < roundable) return BigInt(Math.round(scaled));
    return BigInt(new Big(value).times(scale).toFixed(0));
  };
}
