export { layPositions, mostPeriods, positionsKind } from './positions';
export { handOver } from './handover';
export { layLines, mostLines, type SeriesLine } from './series';
export { strokesOf } from './strokes';
