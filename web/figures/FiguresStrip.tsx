import { memo } from 'react';
import type { Reading } from '../../core/reading';
import { figureRows } from './figureRows';
import { measureText } from '../picture';

/** Narrower columns than this cannot hold a figure. */
export const narrowestColumn = 27;

const usualSize = 11.5;
const smallestSize = 9.5;
/** Between a figure and the next, in pixels. */
const gap = 4;
/** How much narrower the narrow width is than what is measured. */
const narrowness = 0.92;

interface FiguresStripProps {
  reading: Reading;
  /** where the plot lies, in pixels from the left and the right */
  left: number;
  right: number;
  /** how wide one period is drawn, in pixels */
  columnWidth: number;
  pointed: number | null;
}

/** The figures right under the tape, each below its period; written anew only when they change. */
export const FiguresStrip = memo(function FiguresStrip({
  reading,
  left,
  right,
  columnWidth,
  pointed,
}: FiguresStripProps) {
  const rows = figureRows(reading, 'narrow').map((row) => ({
    ...row,
    cells: reading.positions.map((_, place) => row.cell(place)),
  }));
  const span = (reading.positions.at(-1)?.next ?? 1) - (reading.positions[0]?.start ?? 0);
  const first = reading.positions[0]?.start ?? 0;
  const widest = Math.max(
    ...rows.flatMap(({ cells }) => cells.map(({ text }) => measureText(text, usualSize, 450))),
  );
  const fitting = (usualSize * (columnWidth - gap)) / (widest * narrowness);
  const fontSize = Math.max(smallestSize, Math.min(usualSize, fitting));
  const column = (1 / reading.positions.length) * 100;
  return (
    <table className="strip narrow" aria-label={`Figures of ${reading.title}`} style={{ fontSize }}>
      <thead className="visually-hidden">
        <tr>
          <th scope="col">Figures</th>
          {reading.positions.map(({ label, start }) => (
            <th key={start} scope="col">
              {label}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => (
          <tr key={row.key} className={`strip-${row.kind}`}>
            <th scope="row" style={{ width: left - 8 }} title={row.name}>
              {row.name}
            </th>
            {row.cells.map(({ text, full, judgement }, place) => {
              const { middle = 0, start = 0, open = false } = reading.positions[place] ?? {};
              const shown = row.kind === 'difference' || row.kind === 'rule' ? judgement : null;
              return (
                <td
                  key={start}
                  title={full}
                  className={[
                    shown ?? '',
                    open ? 'open' : '',
                    place === pointed ? 'pointed' : '',
                  ].join(' ')}
                  style={{
                    left: `calc(${left}px + (100% - ${left + right}px) * ${(middle - first) / span})`,
                    width: `calc((100% - ${left + right}px) * ${column / 100})`,
                  }}
                >
                  {text}
                </td>
              );
            })}
          </tr>
        ))}
      </tbody>
    </table>
  );
});
