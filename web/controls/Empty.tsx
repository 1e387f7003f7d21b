import { Empty as LibraryEmpty } from 'antd';
import type { ReactNode } from 'react';
import { BareTape } from '../look';

export interface EmptyProps {
  title: string;
  children?: ReactNode;
}

/** What an empty list says: that it is empty, and what to do next. */
export const Empty = ({ title, children }: EmptyProps) => (
  <LibraryEmpty className="empty" image={<BareTape />} description={<h2>{title}</h2>}>
    {children}
  </LibraryEmpty>
);
