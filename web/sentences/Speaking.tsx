import { type ReactNode, useMemo } from 'react';
import { AboutContext, type Idle, type Spoken } from './about';
import { controls } from './controls';

interface SpeakingProps {
  about: Spoken;
  idle?: Idle;
  children: ReactNode;
}

/** Gives the sentences within what they can name, and what their first drafts are made about. */
export function Speaking({ about, idle = nothingIdle, children }: SpeakingProps) {
  const context = useMemo(() => ({ ...about, said: {}, idle, controls }), [about, idle]);
  return <AboutContext.Provider value={context}>{children}</AboutContext.Provider>;
}

const nothingIdle: Idle = () => false;
