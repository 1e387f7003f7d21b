export { column, namesAt, partName, storedName } from './entries/name';
export { date, monthOrDate } from './entries/date';
export { counted, number, ordinal, signed } from './entries/number';
export { parenthesised } from './entries/parenthesised';
export { text, word } from './entries/text';
export { choice, oneOf, said, yesOrNo } from './entries/words';
export { between, either, type Entry, later, mapped, nullable } from './entry';
export {
  isPlainName,
  type Named,
  type NameOf,
  type Names,
  quoted,
  writeName,
  writeNamed,
} from './names';
export { type Expected, type Read, Reader } from './reader';
export { type Offer, offersFor, readText, type TextProblem, type TextRead } from './readText';
export { type Said, Sentence } from './sentence';
export { ofKind, orNone, pair, several, ways } from './ways';
