import { useState } from 'react';
import type { Note } from '../../contract';
import type { Reading } from '../../core/reading';
import { Act, Choice } from '../hands';
import { NotesList } from '../notes';

interface NotesColumnProps {
  notes: readonly Note[];
  /** the readings of the charts, by chart */
  readings: Readonly<Record<number, Reading>>;
  /** the list is shown */
  listed: boolean;
  onList: (listed: boolean) => void;
  /** the pennants are, over the charts */
  flown: boolean;
  onFly: (flown: boolean) => void;
  /** the note that was opened on a chart stands first */
  first: number | null;
  /** missing for those who may only read */
  onEdit?: (note: Note) => void;
  mayEdit: (note: Note) => boolean;
}

type Order = 'newest' | 'date';

const orders = [
  { value: 'newest', label: 'newest first' },
  { value: 'date', label: 'by their dates' },
];

/** Those of a whole chart come before all days. */
const dayOf = ({ day }: Note) => day ?? '';

/** Notes as they come: the newest first. The one that was opened on a chart stands before all. */
function inOrder(notes: readonly Note[], order: Order, first: number | null): Note[] {
  const ordered =
    order === 'newest' ? [...notes] : [...notes].sort((a, b) => (dayOf(a) < dayOf(b) ? -1 : 1));
  return ordered.sort((a, b) => Number(b.id === first) - Number(a.id === first));
}

/** The notes beside the charts. */
export function NotesColumn(props: NotesColumnProps) {
  const { notes, readings, listed, onList, flown, onFly, first, onEdit, mayEdit } = props;
  const [order, setOrder] = useState<Order>('newest');
  const [author, setAuthor] = useState('');
  const authors = [...new Set(notes.map((note) => note.author))];
  const [colour, setColour] = useState('');
  const colours = [...new Set(notes.map((note) => note.colour))];
  const chosen = notes.filter(
    (note) =>
      (author === '' || note.author === author) && (colour === '' || note.colour === colour),
  );
  const ordered = inOrder(chosen, order, first);
  return (
    <aside className="notes-column" aria-label="Notes">
      <header className="row">
        <h2>Notes</h2>
        <span className="row notes-shown">
          <Act onClick={() => onFly(!flown)}>{flown ? 'Hide pennants' : 'Show pennants'}</Act>
          <Act onClick={() => onList(!listed)}>{listed ? 'Hide' : `Show ${notes.length}`}</Act>
        </span>
      </header>
      {listed && (
        <>
          {notes.length > 1 && (
            <div className="row notes-order small">
              <Choice
                label="Order of the notes"
                value={order}
                options={orders}
                onChange={(next) => setOrder(next as Order)}
              />
              <NotesFilter
                label="Notes by"
                every="by everybody"
                value={author}
                options={authors.map((name) => ({ value: name, label: `by ${name}` }))}
                onChange={setAuthor}
              />
              <NotesFilter
                label="Notes in"
                every="in all colours"
                value={colour}
                options={colours.map((each) => ({ value: each, label: `in ${each}` }))}
                onChange={setColour}
              />
            </div>
          )}
          <NotesList notes={ordered} {...{ readings, onEdit, mayEdit }} />
        </>
      )}
    </aside>
  );
}

interface NotesFilterProps {
  label: string;
  /** what is said while all are shown */
  every: string;
  value: string;
  options: { value: string; label: string }[];
  onChange: (value: string) => void;
}

/** Shows the notes of one kind alone; nothing to choose where all are of one. */
function NotesFilter({ label, every, value, options, onChange }: NotesFilterProps) {
  if (options.length < 2) return null;
  const all = [{ value: '', label: every }, ...options];
  return <Choice {...{ label, value, onChange }} options={all} />;
}
