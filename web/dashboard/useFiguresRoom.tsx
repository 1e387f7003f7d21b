import { useState, useSyncExternalStore } from 'react';

/** The screens on which nothing stands beside the charts, as the style has it. */
const narrow = '(max-width: 900px)';

const subscribe = (tell: () => void) => {
  const query = window.matchMedia(narrow);
  query.addEventListener('change', tell);
  return () => query.removeEventListener('change', tell);
};

/**
 * Where the figures of a chart stand: beside all charts, or, on a narrow screen, under their own.
 * @param beside what they would stand in there; null while they are not shown
 */
export function useFiguresRoom(beside: HTMLElement | null) {
  const isNarrow = useSyncExternalStore(subscribe, () => window.matchMedia(narrow).matches);
  const [own, setOwn] = useState<HTMLElement | null>(null);
  return {
    shownIn: beside && isNarrow ? own : beside,
    under: isNarrow && <div ref={setOwn} />,
  };
}
