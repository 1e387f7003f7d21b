export {
  type Aggregated,
  aggregatedShape,
  mostFilters,
  type FormulaMeasure,
  type Measure,
  type MeasureDefinition,
  measureSchema,
} from './measure';
export { measureEntry } from './measureEntry';
export { sayMeasure, sayTaken } from './sayTaken';
export { onlyWhere, takenSaid } from './takenSaid';
export { dependentsOf, operandsOf, usesItself } from './uses';
