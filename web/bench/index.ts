import { lazy } from 'react';

export { benchSlice } from './benchSlice';
export { keepUnsaved } from './saving';

/** Loaded when a chart is built. */
export const BenchPage = lazy(() =>
  import('./BenchPage').then(({ BenchPage: page }) => ({ default: page })),
);
