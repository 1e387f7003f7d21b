import type { Note } from '../../contract';
import type { Reading } from '../../core/reading';
import { NotesList } from '../notes';

interface NotesColumnProps {
  notes: readonly Note[];
  /** the readings of the charts, by chart */
  readings: Readonly<Record<number, Reading>>;
  shown: boolean;
  onShow: (shown: boolean) => void;
  /** the note that was opened on a chart stands first */
  first: number | null;
  /** missing for those who may only read */
  onEdit?: (note: Note) => void;
}

/** The notes beside the charts. */
export function NotesColumn({ notes, readings, shown, onShow, first, onEdit }: NotesColumnProps) {
  const ordered = first
    ? [...notes].sort((a, b) => Number(b.id === first) - Number(a.id === first))
    : notes;
  return (
    <aside className="notes-column" aria-label="Notes">
      <header className="row">
        <h2>Notes</h2>
        <button type="button" className="act" onClick={() => onShow(!shown)}>
          {shown ? 'Hide' : `Show ${notes.length}`}
        </button>
      </header>
      {shown && (
        <>
          <NotesList notes={ordered} readings={readings} onEdit={onEdit} />
          {notes.length === 0 && (
            <p className="quiet small">
              No notes yet.
              {onEdit && ' Click a point or a date on a chart to write the first.'}
            </p>
          )}
        </>
      )}
    </aside>
  );
}
