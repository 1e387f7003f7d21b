export { EngineAway } from './engineProcess';
export { EngineMissing, engines } from './engines';
export { relationOf } from './relation';
export type { EngineRow, EngineValue } from './tasks';
