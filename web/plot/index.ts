export { Chart, type NoteSpot } from './Chart';
export { type Drawing, drawChart } from './drawing';
export { FiguresStrip, narrowestColumn } from './FiguresStrip';
export { FiguresTable } from './FiguresTable';
export { loadLibrary } from './library';
export { measureText, useSize } from './usePlot';
export { useChartReading, useReadingOf } from './useReading';
