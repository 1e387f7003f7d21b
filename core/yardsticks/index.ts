export type { RecordedDates, YardstickContext } from './context';
export { plainScope, type Scope, scopePeriods } from './scope';
export {
  type Edge,
  edgeEntry,
  edgeKinds,
  edgeSchema,
  findEdge,
  sayEdge,
  statisticNames,
} from './edges';
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
  seriesOfYardstick,
  type Shading,
  shadings,
  stepOf,
  type Yardstick,
  type YardstickDefinition,
  yardstickEntry,
  yardstickKinds,
  yardstickSchema,
} from './kinds';
