import { lazy } from 'react';

/** What the links of mails lead to; loaded when one is opened. */
export const ForgottenPage = lazy(() =>
  import('./ForgottenPage').then(({ ForgottenPage: page }) => ({ default: page })),
);
export const ResetPage = lazy(() =>
  import('./ResetPage').then(({ ResetPage: page }) => ({ default: page })),
);
export const JoinPage = lazy(() =>
  import('./JoinPage').then(({ JoinPage: page }) => ({ default: page })),
);
export const CompletePage = lazy(() =>
  import('./CompletePage').then(({ CompletePage: page }) => ({ default: page })),
);
export const AddressPage = lazy(() =>
  import('./AddressPage').then(({ AddressPage: page }) => ({ default: page })),
);
