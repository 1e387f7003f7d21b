import 'react-datasheet-grid/dist/style.css';
import { Input, type InputRef } from 'antd';
import { useLayoutEffect, useMemo, useRef } from 'react';
import { type CellProps, type Column, DataSheetGrid, keyColumn } from 'react-datasheet-grid';
import type { TypedCells } from './cells';

interface CellGridProps {
  cells: TypedCells;
  /** @param at names the cell that was changed; empty when several were */
  onChange: (cells: TypedCells, at: string) => void;
}

type Row = Record<string, string>;

const key = (place: number) => `c${place}`;
const asRow = (cells: readonly string[]): Row =>
  Object.fromEntries(cells.map((cell, place) => [key(place), cell]));
const asCells = (row: Row, width: number): string[] =>
  Array.from({ length: width }, (_, place) => row[key(place)] ?? '');

/** A grid of cells with a spreadsheet's hands: arrows, blocks copied and pasted, filling down. */
export function CellGrid({ cells, onChange }: CellGridProps) {
  const width = cells[0]?.length ?? 0;
  const columns = useMemo(
    () =>
      Array.from(
        { length: width },
        (_, place) =>
          ({
            ...keyColumn<Row, string>(key(place), textCell(place)),
            title: String(place + 1),
          }) as Partial<Column<Row, unknown, string>>,
      ),
    [width],
  );
  const value = useMemo(() => cells.map(asRow), [cells]);
  return (
    <DataSheetGrid<Row>
      value={value}
      columns={columns}
      height={460}
      rowHeight={34}
      headerRowHeight={26}
      createRow={() => asRow(Array<string>(width).fill(''))}
      rowClassName={({ rowIndex }) => (rowIndex === 0 ? 'names-row' : undefined)}
      addRowsComponent={false}
      onChange={(rows, operations) => {
        const next = rows.map((row) => asCells(row, width));
        onChange(next, changedCell(cells, next, operations.length === 1));
      }}
    />
  );
}

/** The one cell in which two tables differ, by its place; empty when there are several. */
function changedCell(before: TypedCells, after: TypedCells, single: boolean): string {
  if (!single || before.length !== after.length) return '';
  const places = after.flatMap((row, at) =>
    row.flatMap((cell, place) => (cell === before[at]?.[place] ? [] : [`${at} ${place}`])),
  );
  return places.length === 1 ? (places[0] ?? '') : '';
}

/** A column of text cells, each with a name that tells where it stands. */
const textCell = (place: number): Partial<Column<string, number, string>> => ({
  component: TextCell as unknown as Column<string, number, string>['component'],
  columnData: place,
  deleteValue: () => '',
  copyValue: ({ rowData }) => rowData,
  pasteValue: ({ value }) => value.trim(),
  isCellEmpty: ({ rowData }) => !rowData,
});

function TextCell({ rowData, setRowData, focus, rowIndex, columnData }: CellProps<string, number>) {
  const input = useRef<InputRef>(null);
  useLayoutEffect(() => {
    if (focus) input.current?.select();
    else input.current?.blur();
  }, [focus]);
  return (
    <Input
      ref={input}
      variant="borderless"
      className="dsg-input"
      aria-label={`Row ${rowIndex + 1}, column ${columnData + 1}`}
      tabIndex={-1}
      style={{ pointerEvents: focus ? 'auto' : 'none' }}
      value={rowData ?? ''}
      onChange={(event) => setRowData(event.target.value)}
    />
  );
}
