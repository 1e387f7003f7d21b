import { Suspense } from 'react';
import { Outlet } from 'react-router';
import { api, sayProblem } from '../api';
import { SignInPage } from '../people';

/** The pages of those who are signed in; others sign in first and then go on where they wanted. */
export function SignedIn() {
  const { data: session, error, isLoading } = api.useSessionQuery();
  if (isLoading) return null;
  if (error) return <p className="page problem">{sayProblem(error)}</p>;
  return (
    <Suspense fallback={null}>
      {session?.person ? <Outlet /> : <SignInPage demo={session?.demo ?? false} />}
    </Suspense>
  );
}
