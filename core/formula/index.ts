export {
  type Formula,
  type FormulaProblem,
  isProblem,
  longestFormula,
  readFormula,
} from './formula';
