import type { ReactNode } from 'react';

/** A part of the account page, by its title. */
export const AccountPart = ({ title, children }: { title: string; children: ReactNode }) => (
  <section className="sheet account-part" aria-label={title}>
    <h2>{title}</h2>
    {children}
  </section>
);
