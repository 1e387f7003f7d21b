import { lazy } from 'react';

export { changedNote, newNote, type NoteDraft } from './newNote';
export { NotesList } from './NotesList';

/** Loaded when a note is written. */
export const NoteEditor = lazy(() =>
  import('./NoteEditor').then(({ NoteEditor: editor }) => ({ default: editor })),
);
