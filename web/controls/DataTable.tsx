import './dataTable.css';
import { Table } from 'antd';
import type { ReactNode } from 'react';
import { ScrollRegion } from '../look';

interface DataColumn<Row> {
  key: string;
  /** its head */
  title: ReactNode;
  /** figures stand at the right */
  figure?: boolean;
  className?: string;
  /** its cells name their rows */
  names?: boolean;
  cell: (row: Row, place: number) => ReactNode;
}

interface DataTableProps<Row> {
  /** names the table, and the region that scrolls */
  label: string;
  columns: readonly DataColumn<Row>[];
  rows: readonly Row[];
  /** the most it stands high before it scrolls, in pixels; without it, as high as there is room */
  height?: number;
}

/** A table that scrolls both ways under its head; the keyboard can reach and scroll it. */
export function DataTable<Row>({ label, columns, rows, height }: DataTableProps<Row>) {
  return (
    <ScrollRegion className="data-table" label={label} height={height}>
      <Table<{ key: number; row: Row }>
        aria-label={label}
        size="small"
        pagination={false}
        dataSource={rows.map((row, key) => ({ key, row }))}
        columns={columns.map(({ figure, names, cell, className = '', ...column }) => ({
          ...column,
          className: `${figure ? 'figure ' : ''}${className}`,
          rowScope: names ? ('row' as const) : undefined,
          render: (_: unknown, { key, row }: { key: number; row: Row }) => cell(row, key),
        }))}
      />
    </ScrollRegion>
  );
}
