import { lazy } from 'react';

/** Pages that authors open; whoever reads a dashboard does not load them. */
export const BringInPage = lazy(() =>
  import('./BringInPage').then(({ BringInPage: page }) => ({ default: page })),
);
export { columnWords, writeValue } from './columnWords';
export { Distribution } from './Distribution';
export { DoubtfulCells } from './DoubtfulCells';
export { formWords, kindWords } from './formWords';
export { Questions } from './Questions';
export { useLeaving } from './useLeaving';
export { useWork } from './useWork';
