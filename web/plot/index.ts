export { Chart } from './Chart';
export { GrainChoiceField } from './GrainChoiceField';
export { InWords } from './InWords';
export { OverviewStrip } from './OverviewStrip';
export { PeriodChoiceField } from './PeriodChoiceField';
export type { YardstickGrip } from './YardstickGrips';
export { loadLibrary } from './library';
export { useDrawing } from './useDrawing';
export { type Replay, useReplay } from './useReplay';
