export { AggregateFields } from './AggregateFields';
export { type FilterColumn, FiltersFields } from './FiltersFields';
export { FormulaField } from './FormulaField';
export { MeasuresPart } from './MeasuresPart';
