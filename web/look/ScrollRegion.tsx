import type { ReactNode } from 'react';

interface ScrollRegionProps {
  label: string;
  className: string;
  /** the most it stands high before it scrolls, in pixels; without it, as high as there is room */
  height?: number;
  children: ReactNode;
}

/** What scrolls both ways, and can be reached and scrolled without a mouse. */
export const ScrollRegion = ({ label, className, height, children }: ScrollRegionProps) => (
  <div
    className={`scroll-region ${className}`}
    style={{ maxHeight: height }}
    role="region"
    aria-label={label}
    tabIndex={0}
  >
    {children}
  </div>
);
