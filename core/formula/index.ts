export {
  type Formula,
  type FormulaProblem,
  isProblem,
  longestFormula,
  readFormula,
} from './formula';
export { mentionedIn, renamedIn, writtenName } from './renamed';
