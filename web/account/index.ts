import { lazy } from 'react';

/** Loaded when somebody looks after their account. */
export const AccountPage = lazy(() =>
  import('./AccountPage').then(({ AccountPage: page }) => ({ default: page })),
);
