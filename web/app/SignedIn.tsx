import { Suspense } from 'react';
import { Outlet } from 'react-router';
import { AccountPage } from '../account';
import { api, sayProblem } from '../api';
import { SignInPage } from '../people';

/** The pages of those who are signed in; others sign in first and then go on where they wanted. */
export function SignedIn() {
  const { data: session, error, isLoading } = api.useSessionQuery();
  if (isLoading) return null;
  if (error || !session) return <p className="page problem">{sayProblem(error)}</p>;
  if (!session.person)
    return (
      <Suspense fallback={null}>
        <SignInPage session={session} />
      </Suspense>
    );
  // Nothing else is opened before a second factor that is asked of everybody is there.
  return (
    <Suspense fallback={null}>
      {session.secondFactorMissing ? <AccountPage /> : <Outlet />}
    </Suspense>
  );
}

/** The pages of whoever comes. */
export const Open = () => (
  <Suspense fallback={null}>
    <Outlet />
  </Suspense>
);
