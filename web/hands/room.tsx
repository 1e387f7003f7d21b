import type { CSSProperties, ReactNode } from 'react';

/** How wide a field for a day is, in pixels. */
export const dayWidth = 136;

/** Room for what has no words yet. */
export const roomOf = (style: CSSProperties) => (
  <span className="hand-room" style={style} aria-hidden />
);

/** Room for a button: its words, which cannot be pressed yet. */
export const wordsOf = (className: string, children: ReactNode) => (
  <span className={`hand-words ${className}`}>{children}</span>
);
