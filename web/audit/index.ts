import { lazy } from 'react';

/** Loaded when somebody whom the settings name reads what was done. */
export const AuditPage = lazy(() =>
  import('./AuditPage').then(({ AuditPage: page }) => ({ default: page })),
);
