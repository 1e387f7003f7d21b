import type { ChartDefinition } from '../../core/chart';
import { type Edge, edgeKinds, statisticNames } from '../../core/yardsticks';
import { NumberField, SelectField } from '../controls';
import { ScopeFields } from './ScopeFields';

export interface EdgeFieldsProps {
  chart: ChartDefinition;
  label: string;
  edge: Edge;
  onChange: (edge: Edge) => void;
}

/** A value on an axis: its kind, and what it takes. */
export function EdgeFields({ chart, label, edge, onChange }: EdgeFieldsProps) {
  const series = 'series' in edge ? edge.series : (chart.series[0]?.id ?? '');
  const kinds = edgeKinds.filter(({ kind }) => kind !== 'dial' || chart.dials.length > 0);
  return (
    <>
      <SelectField
        label={label}
        value={edge.kind}
        onChange={(kind) => {
          const next = edgeKinds.find((each) => each.kind === kind)?.draft(series);
          if (next?.kind === 'dial') onChange({ ...next, dial: chart.dials[0]?.id ?? '' });
          else if (next) onChange(next);
        }}
        options={kinds.map(({ kind, name }) => ({ value: kind, label: name }))}
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
          label="of the figures of"
          name="Statistic of"
          value={edge.series}
          onChange={(of) => onChange({ ...edge, series: of })}
          options={chart.series.map(({ id, name }) => ({ value: id, label: name }))}
        />
      )}
      {'series' in edge && (
        <ScopeFields
          scope={edge.scope}
          panels={chart.arrangement.kind === 'panels'}
          onChange={(scope) => onChange({ ...edge, scope })}
        />
      )}
      {edge.kind === 'dial' && (
        <SelectField
          label="Dial"
          value={edge.dial}
          onChange={(dial) => onChange({ ...edge, dial })}
          options={chart.dials
            .filter(({ kind }) => kind === 'number')
            .map(({ id, name }) => ({ value: id, label: name }))}
        />
      )}
    </>
  );
}
