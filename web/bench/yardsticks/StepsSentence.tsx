import { NumberField, Phrase, SelectField } from '../../controls';
import { ScopeFields } from '../ScopeFields';
import { sayScope } from './EdgePhrase';
import type { YardstickSentenceProps } from './yardstickSentence';

/** Bands of equally many figures. */
export function StepsSentence({ chart, yardstick, onChange }: YardstickSentenceProps<'steps'>) {
  const { count, series, scope } = yardstick;
  const of = chart.series.find(({ id }) => id === series)?.name ?? 'a series that is gone';
  return (
    <>
      <Phrase words={`${count} steps`} label="Steps">
        <NumberField
          label="How many steps"
          value={count}
          min={2}
          max={20}
          whole
          onChange={(next) => onChange({ ...yardstick, count: next })}
        />
      </Phrase>{' '}
      with equally many of the finished figures of{' '}
      <Phrase words={`${of}${sayScope(scope)}`} label="Steps of">
        <SelectField
          label="Steps of"
          value={series}
          onChange={(next) => onChange({ ...yardstick, series: next })}
          options={chart.series.map(({ id, name }) => ({ value: id, label: name }))}
        />
        <ScopeFields
          scope={scope}
          panels={chart.arrangement.kind === 'panels'}
          onChange={(next) => onChange({ ...yardstick, scope: next })}
        />
      </Phrase>
      .
    </>
  );
}
