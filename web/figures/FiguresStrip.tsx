import { memo } from 'react';
import type { Reading } from '../../core/reading';
import { figureRows } from './figureRows';
import { measureText } from '../picture';

/** Figures are written no smaller than this, in pixels; where they do not fit, they are narrower. */
const size = 11;
/** Between a figure and the next, in pixels. */
const gap = 3;
/** No figure fits into less, in pixels: of very many none is measured. */
const narrowest = 14;
/** Widths of the face, in percent, and how wide figures are in them, beside how they are measured. */
const widths = { usual: { stretch: 84, takes: 0.92 }, least: { stretch: 62, takes: 0.73 } };

const rowsOf = (reading: Reading) =>
  figureRows(reading, 'narrow').map((row) => ({
    ...row,
    cells: reading.positions.map((_, place) => row.cell(place)),
  }));

/**
 * How wide the face is in which each figure finds room under its period, in percent.
 * @param columnWidth how wide one period is drawn, in pixels
 * @returns null where none is narrow enough
 */
export function stretchFor(reading: Reading, columnWidth: number): number | null {
  if (columnWidth < narrowest) return null;
  const { usual, least } = widths;
  const texts = rowsOf(reading).flatMap(({ cells }) => cells.map(({ text }) => text));
  const widest = Math.max(...texts.map((text) => measureText(text, size, 450)));
  const takes = Math.min(usual.takes, (columnWidth - gap) / widest);
  if (takes < least.takes) return null;
  const share = (takes - least.takes) / (usual.takes - least.takes);
  return least.stretch + share * (usual.stretch - least.stretch);
}

interface FiguresStripProps {
  reading: Reading;
  /** where the plot lies, in pixels from the left and the right */
  left: number;
  right: number;
  /** how wide its face is, in percent */
  stretch: number;
  pointed: number | null;
}

/** The figures right under the tape, each below its period; written anew only when they change. */
export const FiguresStrip = memo(function FiguresStrip({
  reading,
  left,
  right,
  stretch,
  pointed,
}: FiguresStripProps) {
  const rows = rowsOf(reading);
  const span = (reading.positions.at(-1)?.next ?? 1) - (reading.positions[0]?.start ?? 0);
  const first = reading.positions[0]?.start ?? 0;
  const column = (1 / reading.positions.length) * 100;
  return (
    <table
      className="strip"
      aria-label={`Figures of ${reading.title}`}
      style={{ fontSize: size, fontStretch: `${stretch}%` }}
    >
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
