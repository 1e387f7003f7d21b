import { Table } from 'antd';
import { suffixWords } from '../../core/labels';
import type { Reading } from '../../core/reading';
import { figureRows } from './figureRows';

interface PeriodRow {
  key: number;
  place: number;
  label: string;
  open: boolean;
}

/** The figures behind a chart as a table that scrolls, the latest period first. */
export function FiguresTable({ reading, height }: { reading: Reading; height: number }) {
  const rows = figureRows(reading, 'wide');
  const columns = rows.map((row) => ({
    title: row.name,
    key: row.key,
    align: row.kind === 'rule' ? ('left' as const) : ('right' as const),
    render: (_: unknown, { place }: PeriodRow) => {
      const cell = row.cells[place];
      const judged = row.kind === 'difference' && cell?.judgement === 'off' ? 'off' : '';
      return (
        <span className={judged} title={cell?.full}>
          {row.kind === 'rule' ? cell?.full : cell?.text}
        </span>
      );
    },
  }));
  const data: PeriodRow[] = reading.periods
    .map(({ label, open }, place) => ({ key: place, place, label, open }))
    .reverse();
  const unit = suffixWords[reading.format.suffix];
  return (
    <Table
      size="small"
      className="figures-table"
      dataSource={data}
      pagination={false}
      scroll={{ y: height, x: 'max-content' }}
      virtual={data.length > 200}
      aria-label={`Figures of ${reading.title}${unit ? `, ${unit}` : ''}`}
      columns={[
        {
          title: 'Period',
          key: 'period',
          fixed: 'left' as const,
          width: 150,
          render: (_: unknown, { label, open }: PeriodRow) => (open ? `${label}, open` : label),
        },
        ...columns.map((column) => ({ ...column, width: 130 })),
      ]}
    />
  );
}
