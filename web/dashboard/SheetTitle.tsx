import type { Note } from '../../contract';
import { Pennant } from '../look';

interface SheetTitleProps {
  title: string;
  /** those of the whole chart fly beside its title */
  notes: readonly Note[];
  onOpenNote?: (note: Note) => void;
}

/** The title of a chart, with the notes on all of it. */
export function SheetTitle({ title, notes, onOpenNote }: SheetTitleProps) {
  return (
    <div className="row">
      {/* Before the title, whose end what can be done comes over. */}
      {notes
        .filter(({ day }) => day === null)
        .map((note) => (
          <button
            key={note.id}
            type="button"
            className="plain title-pennant"
            title={note.text}
            onClick={() => onOpenNote?.(note)}
          >
            <Pennant number={note.number} colour={note.colour} />
          </button>
        ))}
      <h2>{title}</h2>
    </div>
  );
}
