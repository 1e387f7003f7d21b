import { useEffect, useRef } from 'react';

/** The key that opens the line to type into, where nothing else is written in. */
export const addKey = '+';

/** Opens the line by its key. */
export function useAddKey(open: () => void): void {
  const latest = useRef(open);
  useEffect(() => {
    latest.current = open;
  });
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const within = (event.target as HTMLElement).closest('input, textarea, [role="dialog"]');
      if (event.key !== addKey || within || event.ctrlKey || event.metaKey) return;
      event.preventDefault();
      latest.current();
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, []);
}
