import type { Day } from '../../core/calendar';
import { writeDay } from '../../core/labels';
import { Act } from '../hands';

interface HeldStripProps {
  held: readonly Day[];
  onRelease: (day: Day) => void;
}

/** The dates that are held in all charts, each to be let go. */
export function HeldStrip({ held, onRelease }: HeldStripProps) {
  if (held.length === 0) return null;
  return (
    <section className="held-strip small" aria-label="Held dates">
      <span className="quiet">{held.length === 1 ? 'Held' : 'Held, with what lies between'}</span>
      {held.map((day) => (
        <Act key={day} className="held-chip" onClick={() => onRelease(day)}>
          {writeDay(day)} <span aria-hidden="true">×</span>
          <span className="visually-hidden">: let it go</span>
        </Act>
      ))}
    </section>
  );
}
