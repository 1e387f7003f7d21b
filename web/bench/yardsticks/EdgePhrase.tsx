import type { ChartDefinition } from '../../../core/chart';
import { type Edge, edgeKinds, sayEdge, statisticNames } from '../../../core/yardsticks';
import { Phrase, SelectField } from '../../controls';
import { NumberField } from '../fields';

interface EdgePhraseProps {
  chart: ChartDefinition;
  label: string;
  edge: Edge;
  onChange: (edge: Edge) => void;
}

/** Where a line stands, or a band begins or ends. */
export function EdgePhrase({ chart, label, edge, onChange }: EdgePhraseProps) {
  const series = 'series' in edge ? edge.series : (chart.series[0]?.id ?? '');
  return (
    <Phrase words={sayOf(edge, chart)} label={label}>
      <SelectField
        label={label}
        value={edge.kind}
        onChange={(kind) => {
          const next = edgeKinds.find((each) => each.kind === kind)?.draft(series);
          if (next) onChange(next);
        }}
        options={edgeKinds.map(({ kind, name }) => ({ value: kind, label: name }))}
      />
      {edge.kind === 'number' && (
        <NumberField
          label="Number"
          value={edge.number}
          onChange={(number) => onChange({ ...edge, number })}
        />
      )}
      {edge.kind === 'percentile' && (
        <NumberField
          label="Which percentile"
          value={edge.percent}
          onChange={(percent) => onChange({ ...edge, percent })}
        />
      )}
      {edge.kind === 'deviation' && (
        <NumberField
          label="How many (under the mean, if negative)"
          value={edge.times}
          onChange={(times) => onChange({ ...edge, times })}
        />
      )}
      {edge.kind === 'statistic' && (
        <SelectField
          label="Statistic"
          value={edge.statistic}
          onChange={(statistic) => onChange({ ...edge, statistic })}
          options={statisticNames.map((value) => ({ value, label: `the ${value}` }))}
        />
      )}
      {'series' in edge && (
        <SelectField
          label="of the finished figures shown of"
          name="Statistic of"
          value={edge.series}
          onChange={(of) => onChange({ ...edge, series: of })}
          options={chart.series.map(({ id, name }) => ({ value: id, label: name }))}
        />
      )}
    </Phrase>
  );
}

function sayOf(edge: Edge, { series }: ChartDefinition): string {
  if (!('series' in edge)) return sayEdge(edge);
  const of = series.find(({ id }) => id === edge.series)?.name ?? 'a series that is gone';
  return `${sayEdge(edge)} of ${of}`;
}
