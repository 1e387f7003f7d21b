export { aggregate } from './aggregate';
export {
  type Aggregate,
  aggregates,
  divides,
  type Frame,
  frameKey,
  type FrameRequest,
  isAdditive,
} from './frame';
