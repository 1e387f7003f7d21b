export { type PickDefinition, pickEntry, pickKind, pickKinds, pickSchema } from './kinds';
export { type Candidate } from './pick';
export {
  candidatesOf,
  type Pickable,
  pickOut,
  type PickScope,
  pickScopes,
  type Ties,
  ties,
} from './pickOut';
