import { lazy } from 'react';

export { FiguresStrip, stretchFor } from './FiguresStrip';
export { type FigureAsked, figureAsked, FiguresTable } from './FiguresTable';
export { saveFile } from './saveFile';

/** Loaded when somebody asks where a figure comes from. */
export const RowsBehindPanel = lazy(() =>
  import('./RowsBehindPanel').then(({ RowsBehindPanel: panel }) => ({ default: panel })),
);
