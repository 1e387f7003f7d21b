import { Spin } from 'antd';
import { Outlet } from 'react-router';
import { api, sayProblem } from '../api';
import { SignInPage } from '../people';

/** The pages of those who are signed in; others sign in first and then go on where they wanted. */
export function SignedIn() {
  const { data: session, error, isLoading } = api.useSessionQuery();
  if (isLoading) return <Spin fullscreen description="Opening" />;
  if (error) return <p className="page problem">{sayProblem(error)}</p>;
  return session?.person ? <Outlet /> : <SignInPage demo={session?.demo ?? false} />;
}
