export { FiguresStrip, narrowestColumn } from './FiguresStrip';
export { type FigureAsked, FiguresTable } from './FiguresTable';
export { RowsBehindPanel } from './RowsBehindPanel';
