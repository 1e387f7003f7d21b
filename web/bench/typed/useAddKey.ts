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
      const pressed = event.target as HTMLElement;
      const within = pressed.closest('input, textarea, [role="dialog"]');
      // A handle in which nothing is searched for yet is not written in.
      const isHandle = pressed.closest('.say-more') && !(pressed as HTMLInputElement).value;
      if (event.key !== addKey || (within && !isHandle) || event.ctrlKey || event.metaKey) return;
      event.preventDefault();
      latest.current();
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, []);
}
