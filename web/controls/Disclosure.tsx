import { Collapse } from 'antd';
import type { ReactNode } from 'react';

export interface DisclosureProps {
  title: string;
  children: ReactNode;
}

/** What is read by few stands folded under its title. */
export const Disclosure = ({ title, children }: DisclosureProps) => (
  <Collapse
    ghost
    size="small"
    className="disclosure"
    items={[{ key: title, label: title, children }]}
  />
);
