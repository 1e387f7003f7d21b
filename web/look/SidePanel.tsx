import { type ReactNode, useEffect, useRef } from 'react';

interface SidePanelProps {
  title: string;
  onClose: () => void;
  children: ReactNode;
}

/** A sheet that comes in from the right, over the page; Escape or a press beside it closes it. */
export function SidePanel({ title, onClose, children }: SidePanelProps) {
  const dialog = useRef<HTMLDialogElement>(null);
  useEffect(() => dialog.current?.showModal(), []);
  return (
    <dialog
      ref={dialog}
      className="side-panel"
      aria-label={title}
      onClose={onClose}
      onKeyDown={(event) => event.stopPropagation()}
      onClick={(event) => event.target === dialog.current && dialog.current.close()}
    >
      <div className="side-panel-body">
        <header className="row">
          <h2 className="grow">{title}</h2>
          <button type="button" className="act" onClick={() => dialog.current?.close()}>
            Close
          </button>
        </header>
        {children}
      </div>
    </dialog>
  );
}
