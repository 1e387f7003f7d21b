export type { RecordedDates, YardstickContext } from './context';
export {
  placesWithin,
  plainScope,
  sayScopeAlone,
  type Scope,
  scopeShape,
  withScope,
} from './scope';
export { type Edge, edgeEntry, edgeKinds, edgeSchema, findEdge, sayEdge } from './edges';
export {
  type Edges,
  findYardsticks,
  heldAs,
  drawnAs,
  suggestedOf,
  mostRecorded,
  namedBy,
  type ReadingsEnd,
  type RecordedDate,
  sayReadingsEnd,
  standsOften,
  seriesOfYardstick,
  stepOf,
  type Yardstick,
  type YardstickDefinition,
  yardstickEntry,
  yardstickKinds,
  yardstickSchema,
} from './kinds';
