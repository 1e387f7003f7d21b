import { startTransition, useEffect, useRef, useState } from 'react';

/**
 * A value as it was when the page was last painted: what hangs on it is laid out once people see what
 * comes first. Values that follow each other faster than that are passed over but for the newest.
 */
export function useAfterPaint<Value>(value: Value): Value {
  const [painted, setPainted] = useState(value);
  const newest = useRef(value);
  const awaited = useRef(false);
  useEffect(() => {
    newest.current = value;
    if (awaited.current) return;
    awaited.current = true;
    // A frame that follows another says that the first has been shown.
    requestAnimationFrame(() =>
      requestAnimationFrame(() => {
        awaited.current = false;
        startTransition(() => setPainted(() => newest.current));
      }),
    );
  }, [value]);
  return painted;
}
