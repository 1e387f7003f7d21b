export {
  type Formula,
  type FormulaProblem,
  isProblem,
  longestFormula,
  readFormula,
} from './formula';
export { isSameName, mentionedIn, renamedBy, renamedIn, writtenName } from './names';
