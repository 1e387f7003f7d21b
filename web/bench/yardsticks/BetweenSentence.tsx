import { Phrase, SelectField } from '../../controls';
import type { YardstickSentenceProps } from './yardstickSentence';

/** A band between two series. */
export function BetweenSentence({ chart, yardstick, onChange }: YardstickSentenceProps<'between'>) {
  const phrase = (end: 'from' | 'to', label: string) => {
    const { series } = yardstick[end];
    const words = chart.series.find(({ id }) => id === series)?.name ?? 'a series that is gone';
    return (
      <Phrase words={words} label={label}>
        <SelectField
          label={label}
          value={series}
          onChange={(next) => onChange({ ...yardstick, [end]: { series: next } })}
          options={chart.series.map(({ id, name }) => ({ value: id, label: name }))}
        />
      </Phrase>
    );
  };
  return (
    <>
      A band from {phrase('from', 'From')} to {phrase('to', 'To')}.
    </>
  );
}
