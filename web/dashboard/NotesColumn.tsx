import { useState } from 'react';
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

type Order = 'newest' | 'date';

/** Notes as they come: the newest first. The one that was opened on a chart stands before all. */
function inOrder(notes: readonly Note[], order: Order, first: number | null): Note[] {
  const ordered =
    order === 'newest' ? [...notes] : [...notes].sort((a, b) => (a.day < b.day ? -1 : 1));
  return ordered.sort((a, b) => Number(b.id === first) - Number(a.id === first));
}

/** The notes beside the charts. */
export function NotesColumn({ notes, readings, shown, onShow, first, onEdit }: NotesColumnProps) {
  const [order, setOrder] = useState<Order>('newest');
  const [author, setAuthor] = useState('');
  const authors = [...new Set(notes.map((note) => note.author))];
  const chosen = notes.filter((note) => author === '' || note.author === author);
  const ordered = inOrder(chosen, order, first);
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
          {notes.length > 1 && (
            <div className="row notes-order small">
              <select
                className="input"
                aria-label="Order of the notes"
                value={order}
                onChange={({ target }) => setOrder(target.value as Order)}
              >
                <option value="newest">newest first</option>
                <option value="date">by their dates</option>
              </select>
              {authors.length > 1 && (
                <select
                  className="input"
                  aria-label="Notes by"
                  value={author}
                  onChange={({ target }) => setAuthor(target.value)}
                >
                  <option value="">by everybody</option>
                  {authors.map((name) => (
                    <option key={name} value={name}>
                      by {name}
                    </option>
                  ))}
                </select>
              )}
            </div>
          )}
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
