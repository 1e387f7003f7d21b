import { parseDay } from '../../../core/calendar';
import { writeDay } from '../../../core/labels';
import { DateField, Phrase } from '../../controls';
import type { YardstickSentenceProps } from './yardstickSentence';

/** A date line, or a stretch of dates. */
export function DatesSentence({ yardstick, onChange }: YardstickSentenceProps<'dates'>) {
  const { from, to } = yardstick;
  const phrase = (label: string, date: string, set: (date: string) => void) => (
    <Phrase words={writeDay(parseDay(date) ?? 0)} label={label}>
      <DateField bare label={label} value={date} onChange={set} />
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
