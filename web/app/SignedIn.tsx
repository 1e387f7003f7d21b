import { Suspense } from 'react';
import { Navigate, Outlet, useLocation } from 'react-router';
import { api, sayProblem } from '../api';
import { SignInPage } from '../people';

/** The pages of those who are signed in; others sign in first and then go on where they wanted. */
export function SignedIn() {
  const { data: session, error, isLoading } = api.useSessionQuery();
  const { pathname } = useLocation();
  if (isLoading) return null;
  if (error || !session) return <p className="page problem">{sayProblem(error)}</p>;
  if (!session.person)
    return (
      <Suspense fallback={null}>
        <SignInPage session={session} />
      </Suspense>
    );
  // Nothing else is opened before a second factor that is asked of everybody is there.
  if (session.secondFactorMissing && pathname !== '/account')
    return <Navigate to="/account" replace />;
  return <Open />;
}

/** The pages of whoever comes. */
export const Open = () => (
  <Suspense fallback={null}>
    <Outlet />
  </Suspense>
);
