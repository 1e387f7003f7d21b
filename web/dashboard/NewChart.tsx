import { countRows } from '../../core/preparation';
import { Modal } from 'antd';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api, sayProblem } from '../api';
import { draftChart, isDrawable } from '../../core/editing';
import { Button, Controls, SelectField } from '../controls';

import { WrittenChartField } from './WrittenChartField';

/** Chooses the source of a new chart, and opens the bench with a first draft of it. */
export function NewChart({ dashboardId, onClose }: { dashboardId: number; onClose: () => void }) {
  const { data: all, error } = api.useSourcesQuery(undefined, {
    refetchOnMountOrArgChange: true,
  });
  // A table of nothing but words is there to look something up in.
  const sources = all?.filter(isDrawable);
  const [chosen, setChosen] = useState<number | null>(null);
  const [make, making] = api.useMakeChartMutation();
  const navigate = useNavigate();
  const source = sources?.find(({ id }) => id === (chosen ?? sources[0]?.id));
  const definition = source && draftChart(source);
  const draft = async () => {
    if (!definition) return;
    const { id } = await make({ dashboardId, definition }).unwrap();
    await navigate(`/dashboards/${dashboardId}/charts/${id}`);
  };
  return (
    <Controls>
      <Modal
        open
        title="New chart"
        onCancel={onClose}
        footer={
          <Button
            primary
            disabled={!definition}
            busy={making.isLoading}
            onClick={() => void draft()}
          >
            Draw it
          </Button>
        }
      >
        {sources?.length === 0 ? (
          <p>
            There are no figures to draw yet. <Link to="/sources/new">Bring in a file</Link> first.
          </p>
        ) : (
          <SelectField
            label="Drawn from"
            value={source?.id ?? null}
            onChange={setChosen}
            options={sources?.map(({ id, name, rows }) => ({
              value: id,
              label: `${name}, ${countRows(rows)}`,
            }))}
          />
        )}
        {definition && <p className="quiet small drafted">Drawn first: {definition.title}</p>}
        <WrittenChartField dashboardId={dashboardId} />
        {(error ?? making.error) && <p className="problem">{sayProblem(error ?? making.error)}</p>}
      </Modal>
    </Controls>
  );
}
