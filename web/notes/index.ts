export { newNote, type NoteDraft, NoteEditor } from './NoteEditor';
export { NotesList } from './NotesList';
