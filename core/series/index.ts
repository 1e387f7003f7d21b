export { layPositions, mostPeriods, positionsKind } from './positions';
export { handOver } from './handover';
export { type History, layLines, mostLines, type SeriesLine } from './series';
export { strokesOf } from './strokes';
