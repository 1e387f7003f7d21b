export {
  type NoteAnchor,
  type NotePlace,
  anchorOf,
  middleOf,
  placeNote,
  sayNoteDays,
} from './notes';
export { noteParts, plainNote } from './noteText';
