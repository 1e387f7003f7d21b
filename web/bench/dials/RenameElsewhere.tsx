import { useState } from 'react';
import { useParams } from 'react-router';
import { namedAlready } from '../../../core/chart';
import { withRenamed } from '../../../core/editing';
import type { DialDefinition } from '../../../core/dials';
import { withoutSlots } from '../../../core/labels';
import { api, sayProblem, useStoredChange } from '../../api';
import { Act } from '../../controls';

/**
 * Dials of one name are turned together on a dashboard: when one gets another name, the others are
 * offered it as well.
 */
export function RenameElsewhere({ dial: { name } }: { dial: DialDefinition }) {
  const { id, chartId } = useParams();
  const { data: dashboard } = api.useDashboardQuery({ id: Number(id) });
  const changeStored = useStoredChange();
  const [before, setBefore] = useState(name);
  const [problem, setProblem] = useState('');
  const others = (dashboard?.charts ?? []).flatMap(({ id: other, definition }) => {
    const dial = definition.dials.find((each) => each.name === before);
    if (!dial || other === Number(chartId)) return [];
    const part = { of: 'dials', id: dial.id } as const;
    const title = `“${withoutSlots(definition.title)}”`;
    return [{ other, part, title, taken: namedAlready(definition, name, part) !== null }];
  });
  if (name === before || others.length === 0) return null;
  const free = others.filter(({ taken }) => !taken);
  const rename = async () => {
    for (const { other, part } of free)
      await changeStored(other, (chart) => withRenamed(chart, part, name));
    setBefore(name);
  };
  return (
    <div className="remark" role="status">
      “{before}” of {others.map(({ title }) => title).join(', ')} was turned together with this
      dial, and is no more.{' '}
      {free.length > 0 ? (
        <Act onClick={() => rename().catch((error: unknown) => setProblem(sayProblem(error)))}>
          Call it “{name}” {free.length < others.length ? 'where that is free' : 'there too'}
        </Act>
      ) : (
        'Something else there has the new name.'
      )}
      {problem && <p className="problem">{problem}</p>}
    </div>
  );
}
