import { useEffect, useRef } from 'react';

/** A signal that fires when the page is left. */
export function useLeaving(): () => AbortSignal {
  const leaving = useRef(new AbortController());
  useEffect(() => {
    const own = (leaving.current = new AbortController());
    return () => own.abort();
  }, []);
  return () => leaving.current.signal;
}
