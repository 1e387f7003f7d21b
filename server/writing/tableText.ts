import Papa from 'papaparse';
import { formatDay } from '../../core/calendar';
import type { CellValue, ColumnKind } from '../../core/table';

/** A form in which a table is written as text, a batch of rows at a time. */
export interface TableText {
  type: string;
  begin(names: readonly string[]): string;
  rows(
    batch: readonly (readonly CellValue[])[],
    names: readonly string[],
    kinds: readonly ColumnKind[],
    first: boolean,
  ): string;
  end: string;
}

/** A value as it is written: days by ISO 8601, figures as they are. */
export const writtenValue = (value: CellValue, kind: ColumnKind | undefined): CellValue =>
  kind === 'date' && typeof value === 'number' ? formatDay(value) : value;

const csv: TableText = {
  type: 'text/csv; charset=utf-8',
  // The mark tells spreadsheets the encoding.
  begin: (names) => `\ufeff${asLines([[...names]])}`,
  rows: (batch, _names, kinds) =>
    asLines(batch.map((row) => row.map((value, place) => writtenValue(value, kinds[place])))),
  end: '',
};

/** Words that a spreadsheet would run as a formula are written with a quotation mark before them. */
const asLines = (rows: readonly (readonly CellValue[])[]) =>
  rows.length === 0
    ? ''
    : `${Papa.unparse([...rows] as unknown[][], { escapeFormulae: true })}\r\n`;

const json: TableText = {
  type: 'application/json; charset=utf-8',
  begin: () => '[\n',
  rows: (batch, names, kinds, first) =>
    batch
      .map((row, at) => {
        const record = Object.fromEntries(
          names.map((name, place) => [name, writtenValue(row[place] ?? null, kinds[place])]),
        );
        return `${first && at === 0 ? '' : ',\n'}${JSON.stringify(record)}`;
      })
      .join(''),
  end: '\n]\n',
};

export const tableTexts = { csv, json };
