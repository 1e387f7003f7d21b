import { useState } from 'react';
import { Link } from 'react-router';
import { sayMeasure } from '../../core/measures';
import type { ListedMeasure, SourceDetail } from '../../contract';
import { api, sayProblem } from '../api';
import { Act, Button, DataTable } from '../controls';
import { toast, toastUndo } from '../hands';
import { MeasureDialog } from './MeasureDialog';

/** The measures of a source, each with the charts that draw it. */
export function MeasuresPart({ source }: { source: SourceDetail }) {
  const { data: measures = [] } = api.useMeasuresQuery(source.id);
  const [open, setOpen] = useState<ListedMeasure | 'new' | null>(null);
  const remove = useRemove();
  return (
    <section className="source-section sheet" aria-label="Measures">
      <header className="row">
        <h2 className="grow">Measures</h2>
        {source.own && <Button onClick={() => setOpen('new')}>Name a measure</Button>}
      </header>
      {measures.length === 0 ? (
        <p className="quiet">
          None is named yet. A measure that is named once, as fares per passenger, can be drawn by
          every chart of this source, and is changed in one place.
        </p>
      ) : (
        <DataTable<ListedMeasure>
          label={`The measures of ${source.name}`}
          rows={measures}
          columns={[
            { key: 'name', title: 'Measure', names: true, cell: ({ name }) => name },
            {
              key: 'said',
              title: 'What it is',
              cell: ({ definition }) => sayMeasure(definition),
            },
            { key: 'drawn', title: 'Drawn in', cell: (measure) => <DrawnIn measure={measure} /> },
            {
              key: 'acts',
              title: <span className="visually-hidden">What can be done</span>,
              cell: (measure) =>
                source.own && (
                  <MeasureActs
                    name={measure.name}
                    onChange={() => setOpen(measure)}
                    onRemove={() => void remove(measure)}
                  />
                ),
            },
          ]}
        />
      )}
      {open && (
        <MeasureDialog
          source={source}
          measure={open === 'new' ? null : open}
          all={measures}
          onClose={() => setOpen(null)}
        />
      )}
    </section>
  );
}

interface MeasureActsProps {
  name: string;
  onChange: () => void;
  onRemove: () => void;
}

const MeasureActs = ({ name, onChange, onRemove }: MeasureActsProps) => (
  <span className="row">
    <Act aria-label={`Change ${name}`} onClick={onChange}>
      Change
    </Act>
    <Act aria-label={`Remove ${name}`} onClick={onRemove}>
      Remove
    </Act>
  </span>
);

function DrawnIn({ measure: { charts, otherCharts } }: { measure: ListedMeasure }) {
  if (charts.length + otherCharts === 0) return <span className="quiet">no chart yet</span>;
  return (
    <>
      {charts.map(({ id, dashboardId, title }, place) => (
        <span key={id}>
          {place > 0 && ', '}
          <Link to={`/dashboards/${dashboardId}`}>{title}</Link>
        </span>
      ))}
      {otherCharts > 0 && <span className="quiet"> and {otherCharts} of colleagues’ charts</span>}
    </>
  );
}

function useRemove() {
  const [remove] = api.useRemoveMeasureMutation();
  const [restore] = api.useRestoreMeasureMutation();
  return async ({ id, name }: ListedMeasure) => {
    try {
      await remove(id).unwrap();
      toastUndo(`${name} removed.`, () => void restore(id));
    } catch (error) {
      toast(sayProblem(error));
    }
  };
}
