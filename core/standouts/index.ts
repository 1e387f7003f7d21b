export { type PickDefinition, pickEntry, pickKind, pickKinds, pickSchema } from './kinds';
export { type Candidate, type Side, sides } from './pick';
export {
  candidatesOf,
  type Pickable,
  pickOut,
  type PickScope,
  pickScopes,
  type Ties,
  ties,
} from './pickOut';
