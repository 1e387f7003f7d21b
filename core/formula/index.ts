export {
  type Formula,
  type FormulaProblem,
  isProblem,
  longestFormula,
  readFormula,
} from './formula';
export { renamedIn, writtenName } from './renamed';
