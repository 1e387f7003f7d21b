import { lazy } from 'react';

export { TopBar } from './TopBar';

/** Loaded when somebody has to sign in. */
export const SignInPage = lazy(() =>
  import('./SignInPage').then(({ SignInPage: page }) => ({ default: page })),
);
