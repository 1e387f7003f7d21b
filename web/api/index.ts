export { outlivesPage } from './checkedFetch';
export { api, type NewNote, problemOf, sayProblem } from './api';
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
