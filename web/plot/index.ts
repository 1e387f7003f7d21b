export { PeriodChoiceField } from './PeriodChoiceField';
export { Chart, type NoteSpot } from './Chart';
export { FiguresStrip, narrowestColumn } from './FiguresStrip';
export { sayLeftOut } from './drawing';
export { type FigureAsked, FiguresTable } from './FiguresTable';
export { RowsBehindPanel } from './RowsBehindPanel';
export { loadLibrary } from './library';
export { useDrawing } from './useDrawing';
export { type TurnedDials, useChartReading, useLastReading, useReadingOf } from './useReading';
