export { InWords } from './InWords';
export { sayHeld } from './LinkedDates';
export { placeOf } from './placeOf';
export { middleDay } from './pointed';
export { type Linked, type NarrowingHand, type PointedDay, Pointing } from './pointing';
export { PeriodChoiceField } from './PeriodChoiceField';
export { Chart } from './Chart';
export type { NoteSpot } from './noteSpot';
export { FiguresStrip, narrowestColumn } from './FiguresStrip';
export { sayLeftOut } from './drawing';
export { type FigureAsked, FiguresTable } from './FiguresTable';
export { RowsBehindPanel } from './RowsBehindPanel';
export { loadLibrary } from './library';
export type { Drawing } from './drawing';
export { type Replay, useReplay } from './useReplay';
export { GrainChoiceField } from './GrainChoiceField';
export { OverviewStrip } from './OverviewStrip';
export type { YardstickGrip } from './YardstickGrips';
export { useDrawing } from './useDrawing';
export { type Highlight, isLit, isMore, latestLit, noHighlight, withLit } from './highlight';
export {
  type TurnedDials,
  useChartReading,
  useLastReading,
  usePreparedReadings,
  useReadingOf,
} from './useReading';
