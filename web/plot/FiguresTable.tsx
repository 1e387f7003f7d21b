import { useState } from 'react';
import { suffixWords } from '../../core/labels';
import type { Reading } from '../../core/reading';
import { Menu, ScrollTable } from '../look';
import { type FigureRow, figureRows } from './figureRows';
import { writeFigures } from './figuresFile';

/** Nobody reads more at once; the rest come when they are asked for. */
const mostAtFirst = 400;

/** The figures behind a chart as a table that scrolls, the latest period first. */
export function FiguresTable({ reading, height }: { reading: Reading; height?: number }) {
  const [all, setAll] = useState(false);
  const rows = figureRows(reading, 'wide');
  const unit = suffixWords[reading.format.suffix];
  const periods = reading.positions.map((period, place) => ({ ...period, place })).reverse();
  const shown = all ? periods : periods.slice(0, mostAtFirst);
  return (
    <>
      <div className="figures-tools">
        <Menu
          label="Write the figures to a file"
          items={[
            { label: 'as CSV', act: () => void writeFigures(reading, 'csv') },
            { label: 'as a workbook', act: () => void writeFigures(reading, 'xlsx') },
            { label: 'as JSON', act: () => void writeFigures(reading, 'json') },
          ]}
        >
          Write
        </Menu>
      </div>
      <ScrollTable
        label={`Figures of ${reading.title}${unit ? `, ${unit}` : ''}`}
        height={height}
        head={
          <>
            <th scope="col">Period</th>
            {rows.map(({ key, name, kind }) => (
              <th key={key} scope="col" className={kind === 'rule' ? '' : 'figure'}>
                {name}
              </th>
            ))}
          </>
        }
      >
        {shown.map(({ start, label, open, place }) => (
          <tr key={start}>
            <th scope="row">
              {label}
              {open && <span className="quiet">, open</span>}
            </th>
            {rows.map((row) => (
              <FigureCell key={row.key} row={row} place={place} />
            ))}
          </tr>
        ))}
      </ScrollTable>
      {shown.length < periods.length && (
        <button type="button" className="act" onClick={() => setAll(true)}>
          Show all {periods.length.toLocaleString('en-GB')} periods
        </button>
      )}
    </>
  );
}

function FigureCell({ row: { kind, cells }, place }: { row: FigureRow; place: number }) {
  const cell = cells[place];
  if (kind === 'rule') return <td>{cell?.full}</td>;
  const off = kind === 'difference' && cell?.judgement === 'off';
  return (
    <td className="figure" title={cell?.full}>
      {off ? <span className="off-cell">{cell.text}</span> : cell?.text}
    </td>
  );
}
