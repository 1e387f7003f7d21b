export type { YardstickContext } from './context';
export { type Edge, edgeKinds, sayEdge, statisticNames } from './edges';
export {
  type DraftOf,
  findYardsticks,
  type Shading,
  shadings,
  stepOf,
  type Yardstick,
  type YardstickDefinition,
  yardstickKinds,
  yardstickSchema,
} from './kinds';
