export {
  type Aggregated,
  aggregatedShape,
  mostFilters,
  type FormulaMeasure,
  type Measure,
  type MeasureDefinition,
  measureSchema,
} from './measure';
export { sayMeasure, sayTaken } from './sayTaken';
export { dependentsOf, operandsOf, usesItself } from './uses';
