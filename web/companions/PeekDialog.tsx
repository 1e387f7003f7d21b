import { useMemo, useState } from 'react';
import type { Chart, Dashboard } from '../../contract';
import { type ChartDefinition, type PeekDefinition, peekAt, plainLinking } from '../../core/chart';
import { withoutSlots } from '../../core/labels';
import { peekSaid } from '../../core/text';
import { api, sayProblem } from '../api';
import { Act, KeepDialog, SelectField } from '../controls';
import { SaidPhrases, Speaking } from '../sentences';
import { NewCompanion } from './NewCompanion';

interface PeekDialogProps {
  dashboard: Dashboard;
  /** the chart that is pointed at */
  chartId: number;
  onClose: () => void;
}

/** Says what stands at the pointer in a chart of a dashboard, where it will be seen. */
export function PeekDialog({ dashboard, chartId, onClose }: PeekDialogProps) {
  const { data: chart, error } = api.useChartQuery(chartId);
  if (!chart) return error ? <p className="problem">{sayProblem(error)}</p> : null;
  return <OpenPeek {...{ dashboard, chart, onClose }} />;
}

interface OpenPeekProps extends Omit<PeekDialogProps, 'chartId'> {
  chart: Chart;
}

function OpenPeek({ dashboard, chart, onClose }: OpenPeekProps) {
  const definition = chart.definition as ChartDefinition;
  const linking = definition.linking ?? plainLinking;
  const [peek, setPeek] = useState(linking.peek);
  const [save, saving] = api.useSaveChartMutation();
  const others = dashboard.charts.filter(({ id }) => id !== chart.id);
  const named = others.map((each) => ({
    id: each.id,
    name: withoutSlots(each.definition.title),
  }));
  const title = withoutSlots(definition.title);
  const keep = async () => {
    const { peek: _, ...apart } = linking;
    const { id, revision } = chart;
    const next = { ...definition, linking: { ...apart, ...(peek && { peek }) } };
    await save({ id, revision, definition: next }).unwrap();
    onClose();
  };
  return (
    <KeepDialog
      title={`At the pointer in ${title}`}
      {...{ keep, onClose }}
      busy={saving.isLoading}
      problem={saving.error ? sayProblem(saving.error) : ''}
    >
      <p className="quiet small">
        Whoever points at {title} sees it beside the pointer, for what is pointed at.
      </p>
      {peek ? (
        <PeekSentence {...{ peek, named }} onChange={setPeek} />
      ) : (
        <>
          {named.length > 0 && (
            <SelectField
              label="Another chart of this dashboard"
              value={null as number | null}
              placeholder="Choose one"
              options={named.map(({ id, name }) => ({ value: id, label: name }))}
              onChange={(id) => id !== null && setPeek(peekAt(id))}
            />
          )}
          <NewCompanion {...{ dashboard }} chart={definition} onMade={setPeek} />
        </>
      )}
    </KeepDialog>
  );
}

interface PeekSentenceProps {
  peek: PeekDefinition;
  named: readonly { id: number; name: string }[];
  onChange: (peek: PeekDefinition | undefined) => void;
}

function PeekSentence({ peek, named, onChange }: PeekSentenceProps) {
  const about = useMemo(
    () => ({ names: { chart: named, bare: true as const }, level: 0, today: '2026-01-01' }),
    [named],
  );
  return (
    <Speaking about={about}>
      <p className="row-sentence">
        <SaidPhrases said={peekSaid} definition={peek} name="What it shows" onChange={onChange} />
      </p>
      <Act onClick={() => onChange(undefined)}>Show nothing there</Act>
    </Speaking>
  );
}
