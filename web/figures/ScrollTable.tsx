import './figures.css';
import type { ReactNode } from 'react';
import { ScrollRegion } from '../look';

interface ScrollTableProps {
  /** names the table, and the region that scrolls */
  label: string;
  /** the cells of the head: `th` elements */
  head: ReactNode;
  /** the rows: `tr` elements */
  children: ReactNode;
  /** the most it stands high before it scrolls, in pixels; without it, as high as there is room */
  height?: number;
}

/** A table that scrolls both ways under its head; the keyboard can reach and scroll it. */
export function ScrollTable({ label, head, children, height }: ScrollTableProps) {
  return (
    <ScrollRegion className="scroll-table" label={label} height={height}>
      <table aria-label={label}>
        <thead>
          <tr>{head}</tr>
        </thead>
        <tbody>{children}</tbody>
      </table>
    </ScrollRegion>
  );
}
