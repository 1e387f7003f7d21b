export { type NoteAnchor, type NotePlace, placeNote } from './notes';
