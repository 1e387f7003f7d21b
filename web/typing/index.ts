import { lazy } from 'react';

/** The page on which small tables are typed. */
export const TypeTablePage = lazy(() =>
  import('./TypeTablePage').then(({ TypeTablePage: page }) => ({ default: page })),
);
