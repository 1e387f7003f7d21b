import type { Reading } from '../../core/reading';
import { writeWhole } from '../../core/labels';
import { api, sayProblem } from '../api';
import { DataTable, SidePanel } from '../controls';
import type { FigureAsked } from './FiguresTable';

interface RowsBehindPanelProps {
  chartId: number;
  reading: Reading;
  asked: FigureAsked;
  onClose: () => void;
}

/** Where a figure comes from: the rows behind it, of each series that it is worked out from. */
export function RowsBehindPanel({ chartId, reading, asked, onClose }: RowsBehindPanelProps) {
  const { line, place } = asked;
  const position = reading.positions[place];
  const { data, error } = api.useRowsBehindQuery({
    chartId,
    series: line.seriesId,
    word: line.split ? line.key : null,
    start: position?.start ?? 0,
    place: reading.axis === 'words' ? (position?.label ?? null) : null,
  });
  const figure = line.figures[place];
  return (
    <SidePanel title={`${line.called}, ${position?.label ?? ''}`} onClose={onClose}>
      {typeof figure === 'number' && (
        <p>
          <strong>{writeWhole(figure, line.format.style?.marks)}</strong>
          <span className="quiet"> comes from these rows.</span>
        </p>
      )}
      {error && <p className="problem">{sayProblem(error)}</p>}
      {data?.parts.length === 0 && (
        <p className="quiet">No row stands behind it: it is the same in every period.</p>
      )}
      {data?.parts.map(({ name, column, columns, rows, total }) => (
        <section key={name}>
          <h3>
            {name}
            <span className="quiet">
              {' '}
              {total.toLocaleString('en-GB')} {total === 1 ? 'row' : 'rows'}
              {rows.length < total && `, the first ${rows.length.toLocaleString('en-GB')} of them`}
            </span>
          </h3>
          <DataTable<readonly (string | null)[]>
            label={`Rows behind ${name}`}
            height={data.parts.length > 1 ? 300 : 640}
            rows={rows}
            columns={columns.map((each, of) => ({
              key: each.name,
              title: each.name,
              figure: each.kind === 'number',
              className: each.name === column ? 'lit-column' : '',
              cell: (cells) => cells[of] ?? <span className="quiet">missing</span>,
            }))}
          />
        </section>
      ))}
    </SidePanel>
  );
}
