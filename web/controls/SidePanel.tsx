import { Drawer } from 'antd';
import type { ReactNode } from 'react';
import { Act } from './Button';

export interface SidePanelProps {
  title: string;
  onClose: () => void;
  children: ReactNode;
}

/** A sheet that comes in from the right, over the page; Escape or a press beside it closes it. */
export const SidePanel = ({ title, onClose, children }: SidePanelProps) => (
  <Drawer
    open
    title={title}
    size="min(800px, 100vw)"
    closable={false}
    extra={<Act onClick={onClose}>Close</Act>}
    className="side-panel"
    onClose={onClose}
  >
    {children}
  </Drawer>
);
