import { sourceOfFigures } from '../../../core/origins';
import { type ReadingsEnd, sayReadingsEnd } from '../../../core/yardsticks';
import { NumberField, Phrase, SelectField } from '../../controls';
import type { YardstickSentenceProps } from './yardstickSentence';

/** What an end is when its kind is chosen. */
const drafts: Record<ReadingsEnd['kind'], ReadingsEnd> = {
  percentile: { kind: 'percentile', percent: 50 },
  deviation: { kind: 'deviation', times: 1 },
};

/** A band over the single readings of each period. */
export function ReadingsSentence({
  chart,
  yardstick,
  onChange,
}: YardstickSentenceProps<'readings'>) {
  const { series, from, to } = yardstick;
  const of = chart.series.find(({ id }) => id === series)?.name ?? 'a series that is gone';
  return (
    <>
      A band from{' '}
      <EndPhrase
        label="From"
        end={from}
        onChange={(next) => onChange({ ...yardstick, from: next })}
      />{' '}
      to <EndPhrase label="To" end={to} onChange={(next) => onChange({ ...yardstick, to: next })} />{' '}
      of each {chart.grain}’s readings of{' '}
      <Phrase words={of} label="Readings of">
        <SelectField
          label="Readings of"
          value={series}
          onChange={(next) => onChange({ ...yardstick, series: next })}
          options={chart.series
            .filter(({ figures }) => sourceOfFigures(figures) !== null)
            .map(({ id, name }) => ({ value: id, label: name }))}
        />
      </Phrase>
      .
    </>
  );
}

interface EndPhraseProps {
  label: string;
  end: ReadingsEnd;
  onChange: (end: ReadingsEnd) => void;
}

function EndPhrase({ label, end, onChange }: EndPhraseProps) {
  return (
    <Phrase words={sayReadingsEnd(end)} label={label}>
      <SelectField
        label={label}
        value={end.kind}
        onChange={(kind) => onChange(drafts[kind])}
        options={[
          { value: 'percentile', label: 'a percentile: 0 is the lowest, 100 the highest' },
          { value: 'deviation', label: 'standard deviations about the mean' },
        ]}
      />
      {end.kind === 'percentile' ? (
        <NumberField
          label="Which percentile"
          value={end.percent}
          min={0}
          max={100}
          onChange={(percent) => onChange({ ...end, percent })}
        />
      ) : (
        <NumberField
          label="How many (under the mean, if negative)"
          value={end.times}
          min={-10}
          max={10}
          onChange={(times) => onChange({ ...end, times })}
        />
      )}
    </Phrase>
  );
}
