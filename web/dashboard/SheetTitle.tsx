import type { Day } from '../../core/calendar';
import type { Reading } from '../../core/reading';
import { PeriodChoiceField, sayHeld } from '../plot';

interface SheetTitleProps {
  /** as it is written, until the chart is read */
  title: string;
  reading: Reading | null;
  /** the name of the line that is highlighted */
  lit: string | undefined;
  /** what has found no room, in words */
  leftOut: string;
  held: readonly Day[];
  onPeriod: (start: Day) => void;
}

/** The title of a chart, and what is drawn; while two dates are held, what lies between them. */
export function SheetTitle({ title, reading, lit, leftOut, held, onPeriod }: SheetTitleProps) {
  const between = reading ? sayHeld(reading, held) : '';
  return (
    <div className="chart-title">
      <h2>{reading?.title ?? title}</h2>
      {between && (
        <p className="held-words small" role="status" title={between}>
          {between}
        </p>
      )}
      <p className="quiet small" hidden={!!between}>
        {lit !== undefined && <strong>{lit} highlighted, </strong>}
        {reading?.described}
        {leftOut}
      </p>
      {reading?.choice && <PeriodChoiceField choice={reading.choice} onChoose={onPeriod} />}
    </div>
  );
}
