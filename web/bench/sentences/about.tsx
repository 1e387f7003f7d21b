import { createContext, type ReactNode, useContext, useMemo } from 'react';
import type { About } from '../../../core/sentences';

export const AboutContext = createContext<About>({ names: {}, level: 0, today: '2026-01-01' });

/** What the sentences of a chart can name, and what their first drafts are made about. */
export const useAbout = (): About => useContext(AboutContext);

interface ColumnsOfProps {
  /** what is said, which may name a source */
  of: unknown;
  children: ReactNode;
}

/** Where a source is named, the columns that can be named beside it are its own. */
export function ColumnsOf({ of, children }: ColumnsOfProps) {
  const about = useAbout();
  const { sourceId, figures } = of as { sourceId?: unknown; figures?: { sourceId?: unknown } };
  const id = sourceId ?? figures?.sourceId;
  const columns = about.names.source?.find((source) => source.id === id)?.columns;
  const own = useMemo<About>(
    () =>
      columns
        ? {
            ...about,
            names: { ...about.names, column: columns },
          }
        : about,
    [about, columns],
  );
  return own === about ? (
    children
  ) : (
    <AboutContext.Provider value={own}>{children}</AboutContext.Provider>
  );
}
