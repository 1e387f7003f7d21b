export { outlivesPage } from './checkedFetch';
export { api, problemOf, sayProblem } from './api';
export type { NewNote } from './endpoints/notes';
export {
  bringIn,
  compare,
  DeliveryProblem,
  type DeliveryTarget,
  stopBringingIn,
  type Tell,
  understand,
  uploadFile,
} from './deliveries';
export { useStoredChange } from './useStoredChange';
