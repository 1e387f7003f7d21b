import { useState } from 'react';

/** Browsers may keep nothing for a page: then nothing is remembered, and all else works. */
function kept(): Storage | null {
  try {
    return window.localStorage;
  } catch {
    return null;
  }
}

/**
 * What somebody has shown or hidden for themselves, remembered by their browser.
 * @param name what it is, and of what
 * @param plain how it is until they say otherwise
 */
export function useRemembered(
  name: string,
  plain: boolean,
): [shown: boolean, show: (shown: boolean) => void] {
  const key = `stand-mark.${name}`;
  const [shown, setShown] = useState(() => {
    const before = kept()?.getItem(key);
    return before == null ? plain : before === 'true';
  });
  const show = (next: boolean) => {
    setShown(next);
    try {
      if (next === plain) kept()?.removeItem(key);
      else kept()?.setItem(key, String(next));
    } catch {
      // A browser that is full remembers nothing more.
    }
  };
  return [shown, show];
}
