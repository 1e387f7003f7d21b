export type { AggregateKind } from './aggregateKind';
export { type Aggregate, aggregateKind, aggregateKinds, aggregates } from './kinds';
