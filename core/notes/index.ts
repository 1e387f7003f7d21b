export { type NoteAnchor, type NotePlace, placeNote } from './notes';
export { noteParts, plainNote } from './noteText';
