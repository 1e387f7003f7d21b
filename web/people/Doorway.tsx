import './people.css';
import type { ReactNode } from 'react';
import { Controls } from '../controls';
import { Wordmark } from '../look';
import { Levelled } from './Levelled';

/** A page for whoever is not signed in: what this is, and a sheet with what can be done. */
export function Doorway({ children }: { children: ReactNode }) {
  return (
    <Controls>
      <main className="sign-in">
        <section className="sign-in-side">
          <Wordmark />
          <div>
            <h1>Where do we stand against the mark?</h1>
            <p>
              Line charts that hold actuals against targets and budgets, and say in words what they
              found.
            </p>
          </div>
          <Levelled />
        </section>
        <section className="sign-in-form sheet">{children}</section>
      </main>
    </Controls>
  );
}
