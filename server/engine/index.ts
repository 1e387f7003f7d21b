export { EngineAway } from './engineProcess';
export { EngineMissing, engines, FileGone } from './engines';
export { dayNumber, relationOf } from './relation';
export type { EngineRow, EngineValue } from './tasks';
