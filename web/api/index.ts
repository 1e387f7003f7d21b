export { api, type NewNote, problemOf, sayProblem } from './api';
export {
  bringIn,
  compare,
  type DeliveryTarget,
  type Tell,
  understand,
  uploadFile,
} from './deliveries';
