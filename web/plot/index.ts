export { Chart, type NoteSpot } from './Chart';
export { FiguresStrip, narrowestColumn } from './FiguresStrip';
export { FiguresTable } from './FiguresTable';
export { loadLibrary } from './library';
export { useDrawing } from './useDrawing';
export { useChartReading, useLastReading, useReadingOf } from './useReading';
