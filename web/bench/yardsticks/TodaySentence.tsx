import { InputNumber } from 'antd';
import { countPeriods } from '../../../core/labels';
import { Phrase } from '../../controls';
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
        <label className="field">
          <span>Days after today (before, if negative)</span>
          <InputNumber
            value={offsetDays}
            aria-label="Days after today"
            precision={0}
            min={-3660}
            max={3660}
            onChange={(next) => onChange({ ...yardstick, offsetDays: next ?? 0 })}
          />
        </label>
      </Phrase>
      .
    </>
  );
}
