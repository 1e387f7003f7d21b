export type { YardstickContext } from './context';
export { type Edge, edgeKinds, edgeSchema, findEdge, sayEdge, statisticNames } from './edges';
export {
  type DraftOf,
  findYardsticks,
  seriesOfYardstick,
  type Shading,
  shadings,
  stepOf,
  type Yardstick,
  type YardstickDefinition,
  yardstickKinds,
  yardstickSchema,
} from './kinds';
