import { Modal } from 'antd';
import type { ReactNode } from 'react';
import { Button } from './Button';
import { Controls } from './Controls';

interface KeepDialogProps {
  title: string;
  /** in pixels; missing: as wide as dialogs are */
  width?: number;
  /** stores what was set, and rejects with what hinders it */
  keep: () => Promise<void>;
  busy: boolean;
  /** what hinders it, in words; empty: nothing does */
  problem: string;
  /** it cannot be kept as it is */
  disabled?: boolean;
  onClose: () => void;
  children: ReactNode;
}

/** A panel over the page whose settings take effect once they are kept. */
export function KeepDialog(props: KeepDialogProps) {
  const { title, width, keep, busy, problem, disabled, onClose, children } = props;
  return (
    <Controls>
      <Modal
        open
        {...{ title, width }}
        onCancel={onClose}
        footer={
          // What hinders it is said within.
          <Button primary {...{ busy, disabled }} onClick={() => void keep().catch(() => {})}>
            Keep
          </Button>
        }
      >
        {children}
        {problem && (
          <p className="problem" role="alert">
            {problem}
          </p>
        )}
      </Modal>
    </Controls>
  );
}
