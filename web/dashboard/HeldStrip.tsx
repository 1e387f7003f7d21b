import { Act } from '../hands';
import { type Held, sayHeldDate } from './readerView';

interface HeldStripProps {
  held: readonly Held[];
  onRelease: (held: Held) => void;
}

/** The dates that are held in all charts, each to be let go. */
export function HeldStrip({ held, onRelease }: HeldStripProps) {
  if (held.length === 0) return null;
  return (
    <section className="held-strip small" aria-label="Held dates">
      <span className="quiet">{held.length === 1 ? 'Held' : 'Held, with what lies between'}</span>
      {held.map((each) => (
        <Act key={each.day} className="held-chip" onClick={() => onRelease(each)}>
          {sayHeldDate(each)} <span aria-hidden="true">×</span>
          <span className="visually-hidden">: let it go</span>
        </Act>
      ))}
    </section>
  );
}
