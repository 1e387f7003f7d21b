import { type DatePattern, readDate } from '../../../core/calendar';
import { writeDay } from '../../../core/labels';
import { Button } from '../../controls';
import type { Asked } from './asked';

/** Which of two ways of reading its dates is meant. */
export function DateOrder({
  question: { column, patterns, examples },
  onColumn,
}: Asked<'dateOrder'>) {
  const said = (pattern: DatePattern) =>
    examples
      .map((text) => {
        const day = readDate(text, pattern, { zone: 'UTC' });
        return day === null ? text : writeDay(day);
      })
      .join(', ');
  return (
    <>
      <p>
        The dates of <strong>“{column}”</strong> can be read in two ways. What is{' '}
        <strong>{examples.join(', ')}</strong>?
      </p>
      <div className="row">
        {patterns.map((pattern) => (
          <Button key={pattern} onClick={() => onColumn({ datePattern: pattern })}>
            {said(pattern)}
          </Button>
        ))}
      </div>
    </>
  );
}
