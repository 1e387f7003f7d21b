import { Phrase } from '../../controls';
import { OffsetField, sayOffset } from './OffsetField';
import type { YardstickSentenceProps } from './YardstickSettings';

/** The today line. */
export function TodaySentence({ yardstick, onChange }: YardstickSentenceProps<'today'>) {
  const { offsetDays } = yardstick;
  return (
    <>
      A line at{' '}
      <Phrase words={sayOffset(offsetDays, 'today')} label="Stands at">
        <OffsetField
          value={offsetDays}
          onChange={(next) => onChange({ ...yardstick, offsetDays: next })}
        />
      </Phrase>
      .
    </>
  );
}
