import { Phrase, SelectField } from '../../controls';
import { OffsetField, sayOffset } from './OffsetField';
import type { YardstickSentenceProps } from './yardstickSentence';

/** The today line. */
export function TodaySentence({ chart, yardstick, onChange }: YardstickSentenceProps<'today'>) {
  const { offsetDays, dial = null } = yardstick;
  const dials = chart.dials.filter(({ kind }) => kind === 'number');
  const turned = dials.find(({ id }) => id === dial);
  const words = turned
    ? `as many days from today as ${turned.name} says`
    : sayOffset(offsetDays, 'today');
  return (
    <>
      A line at{' '}
      <Phrase words={words} label="Stands at">
        {dials.length > 0 && (
          <SelectField
            label="Days are"
            value={dial ?? ''}
            onChange={(next) => onChange({ ...yardstick, dial: next || null })}
            options={[
              { value: '', label: 'as written' },
              ...dials.map(({ id, name }) => ({ value: id, label: `as the dial ${name} says` })),
            ]}
          />
        )}
        {!turned && (
          <OffsetField
            value={offsetDays}
            onChange={(next) => onChange({ ...yardstick, offsetDays: next })}
          />
        )}
      </Phrase>
      .
    </>
  );
}
