export { type NoteAnchor, type NotePlace, anchorOf, placeNote } from './notes';
export { noteParts, plainNote } from './noteText';
