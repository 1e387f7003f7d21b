import { lazy } from 'react';

export {
  CodeField,
  CurrentPasswordField,
  EmailField,
  NameField,
  NewPasswordField,
} from './keyFields';
export { KeyForm } from './KeyForm';
export { AddressPage, CompletePage, ForgottenPage, JoinPage, ResetPage } from './keys';
export { TopBar } from './TopBar';

/** Loaded when somebody has to sign in. */
export const SignInPage = lazy(() =>
  import('./SignInPage').then(({ SignInPage: page }) => ({ default: page })),
);
