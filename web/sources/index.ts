import { lazy } from 'react';

/** Pages that authors open; whoever reads a dashboard does not load them. */
export const SourcePage = lazy(() =>
  import('./SourcePage').then(({ SourcePage: page }) => ({ default: page })),
);
export const SourcesPage = lazy(() =>
  import('./SourcesPage').then(({ SourcesPage: page }) => ({ default: page })),
);
