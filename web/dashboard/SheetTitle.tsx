import type { Day, Grain } from '../../core/calendar';
import type { Reading } from '../../core/reading';
import { GrainChoiceField, PeriodChoiceField, sayHeld } from '../plot';

interface SheetTitleProps {
  /** as it is written, until the chart is read */
  title: string;
  reading: Reading | null;
  /** the name of the line that is highlighted */
  lit: string | undefined;
  /** what has found no room, in words */
  leftOut: string;
  held: readonly Day[];
  /** what the author has said of the last figure; empty for nothing */
  said: string;
  onPeriod: (start: Day) => void;
  /** the grains that the reader may choose between */
  grains: readonly Grain[];
  grain: Grain;
  onGrain: (grain: Grain) => void;
}

/** The title of a chart, and what is drawn; while two dates are held, what lies between them. */
export function SheetTitle(props: SheetTitleProps) {
  const { title, reading, lit, leftOut, held, said, onPeriod, grains, grain, onGrain } = props;
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
        {said && <span className="ink">{said}. </span>}
        {lit !== undefined && <strong>{lit} highlighted, </strong>}
        {reading?.described}
        {leftOut}
      </p>
      {grains.length > 0 && <GrainChoiceField {...{ grains, grain }} onChoose={onGrain} />}
      {reading?.choice && <PeriodChoiceField choice={reading.choice} onChoose={onPeriod} />}
    </div>
  );
}
