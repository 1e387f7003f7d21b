import type { ReactNode } from 'react';
import { Link } from 'react-router';

/** What came of a mailed link, and the way on. */
export const Done = ({ children }: { children: ReactNode }) => (
  <>
    <p role="status">{children}</p>
    <p className="sign-in-other">
      <Link to="/">Sign in</Link>
    </p>
  </>
);
