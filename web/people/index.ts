export { SignInPage } from './SignInPage';
export { TopBar } from './TopBar';
