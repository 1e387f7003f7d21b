import { useCallback, useEffect, useState } from 'react';
import { useSearchParams } from 'react-router';
import { type ReaderView, readView, writeView } from './readerView';

/** How long the address waits for the next position: browsers take only so many changes of it. */
const pause = 300;

/** How a reader looks at a dashboard; the address follows, and so does a link. */
export function useReaderView() {
  const [params, setParams] = useSearchParams();
  const [view, setView] = useState<ReaderView>(() => readView(params));
  useEffect(() => {
    const next = writeView(params, view);
    if (next.toString() === params.toString()) return;
    const write = () => setParams(next, { replace: true, preventScrollReset: true });
    const waiting = setTimeout(write, pause);
    return () => clearTimeout(waiting);
  }, [view, params, setParams]);
  const change = useCallback(
    (next: (before: ReaderView) => Partial<ReaderView>) =>
      setView((before) => ({ ...before, ...next(before) })),
    [],
  );
  return { view, change };
}
