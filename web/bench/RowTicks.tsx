import { Checkbox } from 'antd';
import type { ChartDefinition } from '../../core/chart';
import { type NamedRows, seriesOfAll, seriesOfRow, withRow } from '../../core/editing';
import { api, sayProblem } from '../api';
import { Act } from '../controls';
import { useChange } from './useBench';

interface RowTicksProps {
  chart: ChartDefinition;
  named: NamedRows;
  onClose: () => void;
}

/** The names of a source's rows: each that is ticked is a series of its own. */
export function RowTicks({ chart, named, onClose }: RowTicksProps) {
  const change = useChange();
  const { source, column } = named;
  const { data: words, error } = api.useWordsQuery({ sourceId: source.id, column });
  const all = seriesOfAll(chart, named);
  return (
    <li>
      <div className="row-ticks" role="group" aria-label={`Rows by their ${column}`}>
        <p className="small quiet">
          {all
            ? `Each that is ticked is a series; the first takes over “${all.name}”, which draws all of them as one.`
            : 'Each that is ticked is a series.'}
        </p>
        {error && <p className="problem">{sayProblem(error)}</p>}
        {words?.map((word) => (
          <Checkbox
            key={word}
            checked={seriesOfRow(chart, named, word) !== undefined}
            onChange={({ target }) =>
              change((before) => withRow(before, named, word, target.checked))
            }
          >
            {word || 'blank'}
          </Checkbox>
        ))}
        <Act onClick={onClose}>Done</Act>
      </div>
    </li>
  );
}
