import type { ReactNode } from 'react';
import { Act } from '../../controls';

/** What came of a mailed link, and the way on. */
export const Done = ({ children }: { children: ReactNode }) => (
  <>
    <p role="status">{children}</p>
    <p className="sign-in-other">
      <Act to="/">Sign in</Act>
    </p>
  </>
);
