export { column, columnOf, namesAt, partName, storedName } from './entries/name';
export { date, monthOrDate } from './entries/date';
export { counted, number, ordinal, signed } from './entries/number';
export { formulaOver } from './entries/formula';
export { text, textAs, word } from './entries/text';
export { choice, oneOf, said, yesOrNo } from './entries/words';
export { between, either, later, mapped, named, nullable } from './combined';
export type { About, Entry, Setting, Spoken, Way, Written } from './entry';
export { type Named, type NameOf, type Names, quoted, writeName, writeNamed } from './names';
export { type Read, Reader } from './reader';
export { type Offer, offersFor, readText, type TextProblem, type TextRead } from './readText';
export {
  beginnings,
  isNamed,
  type Phrase,
  phrasesOf,
  saidAs,
  type Sayable,
  unsaid,
} from './phrases';
export { type Said, Sentence } from './sentence';
export { alternatives, wayOf } from './setting';
export { ofKind, orNone, pair, several, ways } from './ways';
