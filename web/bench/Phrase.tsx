import { Popover } from 'antd';
import { type ReactNode, useState } from 'react';

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
  return (
    <Popover
      open={open}
      onOpenChange={setOpen}
      trigger="click"
      placement="bottomLeft"
      arrow={false}
      destroyOnHidden
      content={
        <div className="phrase-setting fields" role="dialog" aria-label={label}>
          {children}
        </div>
      }
    >
      <button
        type="button"
        className="phrase"
        aria-label={`${label}: ${words}`}
        aria-expanded={open}
      >
        {words}
      </button>
    </Popover>
  );
}
