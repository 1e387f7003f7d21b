import { DatePicker } from 'antd';
import dayjs from 'dayjs';
import { parseDay } from '../../../core/calendar';
import { writeDay } from '../../../core/labels';
import { Phrase } from '../../controls';
import type { YardstickSentenceProps } from './yardstickSentence';

/** A date line, or a stretch of dates. */
export function DatesSentence({ yardstick, onChange }: YardstickSentenceProps<'dates'>) {
  const { from, to } = yardstick;
  const phrase = (label: string, date: string, set: (date: string) => void) => (
    <Phrase words={writeDay(parseDay(date) ?? 0)} label={label}>
      <DatePicker
        value={dayjs(date)}
        format="D MMM YYYY"
        aria-label={label}
        allowClear={false}
        onChange={(day) => day && set(day.format('YYYY-MM-DD'))}
      />
    </Phrase>
  );
  return (
    <>
      {to === null ? 'A line at ' : 'A stretch from '}
      {phrase('From', from, (date) => onChange({ ...yardstick, from: date }))}
      {to !== null && <> to {phrase('To', to, (date) => onChange({ ...yardstick, to: date }))}</>}.
    </>
  );
}
