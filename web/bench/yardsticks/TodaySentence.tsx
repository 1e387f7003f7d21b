import { countPeriods } from '../../../core/labels';
import { Phrase } from '../../controls';
import { NumberField } from '../fields';
import type { YardstickSentenceProps } from './YardstickSettings';

/** The today line. */
export function TodaySentence({ yardstick, onChange }: YardstickSentenceProps<'today'>) {
  const { offsetDays } = yardstick;
  const days = countPeriods(Math.abs(offsetDays), 'day');
  const words = offsetDays === 0 ? 'today' : `${days} ${offsetDays < 0 ? 'before' : 'after'} today`;
  return (
    <>
      A line at{' '}
      <Phrase words={words} label="Stands at">
        <NumberField
          label="Days after today (before, if negative)"
          value={offsetDays}
          min={-3660}
          max={3660}
          whole
          onChange={(next) => onChange({ ...yardstick, offsetDays: next })}
        />
      </Phrase>
      .
    </>
  );
}
