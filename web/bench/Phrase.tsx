import { Popover } from 'antd';
import { type KeyboardEvent, type ReactNode, useRef, useState } from 'react';

interface PhraseProps {
  /** what it says in the sentence */
  words: string;
  /** what it sets */
  label: string;
  children: ReactNode;
}

/** A phrase of the sentence that opens its setting. */
export function Phrase({ words, label, children }: PhraseProps) {
  const [open, setOpen] = useState(false);
  const button = useRef<HTMLButtonElement>(null);
  const content = useRef<HTMLDivElement>(null);
  const closeOnEscape = (event: KeyboardEvent) => {
    if (event.key !== 'Escape' || !open) return;
    setOpen(false);
    button.current?.focus();
  };
  return (
    <Popover
      open={open}
      onOpenChange={setOpen}
      // It stands at the end of the page: who came by keyboard is led in.
      afterOpenChange={(shown) => {
        if (shown) content.current?.querySelector<HTMLElement>('input:not([disabled])')?.focus();
      }}
      trigger="click"
      placement="bottomLeft"
      arrow={false}
      destroyOnHidden
      content={
        <div
          className="phrase-setting fields"
          role="dialog"
          aria-label={label}
          onKeyDown={closeOnEscape}
        >
          {children}
        </div>
      }
    >
      <button
        ref={button}
        type="button"
        onKeyDown={closeOnEscape}
        className="phrase"
        aria-label={`${label}: ${words}`}
        aria-expanded={open}
      >
        {words}
      </button>
    </Popover>
  );
}
