export { api, type NewNote, problemOf, sayProblem } from './api';
export { bringIn, uploadFile } from './bringIn';
