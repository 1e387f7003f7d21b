import { useMemo } from 'react';
import { useAbout } from '../sentences';

/** What can be named beside a series, which is neither worked out from itself nor held against itself. */
export function useOthers(series: string) {
  const about = useAbout();
  return useMemo(() => {
    const others = about.names.series?.filter(({ id }) => id !== series);
    return { ...about, names: { ...about.names, series: others } };
  }, [about, series]);
}
