import { rowsOf } from '../../core/origins';
import { Input } from 'antd';
import { useDeferredValue, useMemo, useState } from 'react';
import type { ListedMeasure, Source } from '../../contract';
import { isProblem, readFormula } from '../../core/formula';
import { figureFormat, writeFigure } from '../../core/labels';
import { type MeasureDefinition, measureEntry } from '../../core/measures';
import type { About, Entry } from '../../core/sentences';
import { draftSeries } from '../../core/editing';
import { api, sayProblem } from '../api';
import { KeepDialog } from '../controls';
import { SettingField, Speaking } from '../sentences';

interface MeasureDialogProps {
  source: Pick<Source, 'id' | 'name' | 'columns'>;
  /** null names a new one */
  measure: ListedMeasure | null;
  all: readonly ListedMeasure[];
  onClose: () => void;
}

/** Names a measure of a source, or changes one, and says which charts change with it. */
export function MeasureDialog({ source, measure, all, onClose }: MeasureDialogProps) {
  const [name, setName] = useState(measure?.name ?? '');
  const [definition, setDefinition] = useState(measure?.definition ?? draftOf(source));
  const [make, making] = api.useNameMeasureMutation();
  const [change, changing] = api.useChangeMeasureMutation();
  const others = useMemo(() => all.filter(({ id }) => id !== measure?.id), [all, measure]);
  const names = others.map((each) => each.name);
  const live = useLive(source, definition, names);
  const error = making.error ?? changing.error;
  const keep = async () => {
    if (measure) {
      const { id, revision } = measure;
      await change({ id, revision, name, definition }).unwrap();
    } else await make({ sourceId: source.id, name, definition }).unwrap();
    onClose();
  };
  const about = useMemo<About>(() => {
    const column = source.columns.map(({ name: of, kind }) => ({ id: of, name: of, kind }));
    const own = { id: source.id, name: source.name, columns: column };
    const measured = others.map((each) => ({ id: each.id, name: each.name }));
    const known = { column, source: [own], measure: measured, bare: true } as const;
    return { names: known, level: 0, today: new Date().toISOString().slice(0, 10) };
  }, [source, others]);
  return (
    <KeepDialog
      title={measure ? `Change ${measure.name}` : `Name a measure of ${source.name}`}
      {...{ keep, onClose }}
      busy={making.isLoading || changing.isLoading}
      problem={error ? sayProblem(error) : ''}
      disabled={name.trim() === ''}
    >
      <div className="fields">
        <label className="field">
          <span>Called</span>
          <Input
            value={name}
            aria-label="Called"
            maxLength={120}
            onChange={({ target }) => setName(target.value)}
          />
        </label>
        <Speaking about={about}>
          <SettingField
            entry={measureEntry as Entry<unknown>}
            label="It is"
            value={definition}
            onChange={(next) => setDefinition(next as MeasureDefinition)}
          />
        </Speaking>
        {live && <p className="small quiet">{live}</p>}
        {measure && <Touched measure={measure} />}
      </div>
    </KeepDialog>
  );
}

function draftOf(source: MeasureDialogProps['source']): MeasureDefinition {
  const drafted = rowsOf(draftSeries(source, '', 'other').figures);
  if (!drafted) return { kind: 'formula', text: '' };
  const { sourceId: _, ...rows } = drafted;
  return { ...rows, kind: 'aggregate' };
}

/** What it comes to, in the last month that has a figure; without dates, at the last place that has one. */
function useLive(
  { id: sourceId, columns }: MeasureDialogProps['source'],
  definition: MeasureDefinition,
  names: readonly string[],
): string {
  const settled = useDeferredValue(definition);
  const unreadable = settled.kind === 'formula' && isProblem(readFormula(settled.text, names));
  const { currentData, error } = api.useMeasureValueQuery(
    { sourceId, definition: settled },
    { skip: unreadable },
  );
  if (error) return sayProblem(error);
  if (!currentData || unreadable) return '';
  const { figure, period } = currentData;
  const dated = columns.some(({ kind }) => kind === 'date');
  if (figure === null) return dated ? 'It has no figure in any month.' : 'It has no figure.';
  const format = figureFormat(figure, Number.isInteger(figure));
  return `${writeFigure(figure, format)} ${dated ? 'in' : 'at'} ${period}`;
}

/** The charts that change when it does. */
function Touched({ measure: { charts, otherCharts } }: { measure: ListedMeasure }) {
  const names = charts.map(({ title }) => title);
  if (otherCharts > 0) names.push(`${otherCharts} of colleagues’ charts`);
  return (
    <p className="quiet small">
      {names.length === 0
        ? 'No chart draws it yet.'
        : `What you change, changes in ${names.join(', ')}.`}
    </p>
  );
}
