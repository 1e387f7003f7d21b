import './notes.css';
import type { Note } from '../../contract';
import { parseDay } from '../../core/calendar';
import { anchorOf, placeNote, sayNoteDays } from '../../core/notes';
import { linesOf, type Reading } from '../../core/reading';
import { api } from '../api';
import { Act, toastUndo } from '../hands';
import { Pennant } from '../look';
import { NoteText } from './NoteText';

interface NotesListProps {
  notes: readonly Note[];
  /** the readings of the charts, by chart */
  readings: Readonly<Record<number, Reading>>;
  /** missing for those who may only read */
  onEdit?: (note: Note) => void;
  /** which of them may be changed; missing: all */
  mayEdit?: (note: Note) => boolean;
}

/** Notes with their pennants, the latest first. */
export function NotesList({ notes, readings, onEdit, mayEdit = () => true }: NotesListProps) {
  const [remove] = api.useRemoveNoteMutation();
  const [restore] = api.useRestoreNoteMutation();
  const take = async (note: Note) => {
    await remove(note.id).unwrap();
    toastUndo(`Note ${note.number} removed.`, () => void restore(note.id));
  };
  return (
    <ul className="notes-list">
      {notes.map((note) => (
        <li key={note.id}>
          <Pennant number={note.number} colour={note.colour} />
          <div>
            <p className="note-text">
              <NoteText text={note.text} />
            </p>
            <p className="quiet small">
              {sayDays(note, readings[note.chartId])}, {note.author}
              {isAdrift(note, readings[note.chartId]) && (
                <em className="adrift"> adrift: its series is gone</em>
              )}
            </p>
            {onEdit && mayEdit(note) && (
              <p className="note-acts">
                <Act onClick={() => onEdit(note)} aria-label={`Edit note ${note.number}`}>
                  Edit
                </Act>
                <Act onClick={() => void take(note)} aria-label={`Delete note ${note.number}`}>
                  Delete
                </Act>
              </p>
            )}
          </div>
        </li>
      ))}
    </ul>
  );
}

function sayDays({ day, until }: Note, reading: Reading | undefined): string {
  const read = (text: string | null) => (text === null ? null : parseDay(text));
  const axis = reading?.axis === 'calendar' ? reading.positions : null;
  return sayNoteDays({ day: read(day), until: read(until) }, axis);
}

function isAdrift(note: Note, reading: Reading | undefined): boolean {
  return !!reading && placeNote(anchorOf(note), linesOf(reading), reading.positions).adrift;
}
