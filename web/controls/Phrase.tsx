import './phrase.css';
import { Popover } from 'antd';
import { type ReactNode, useEffect, useRef, useState } from 'react';

interface PhraseProps {
  /** what it says in the sentence */
  words: string;
  /** what it sets */
  label: string;
  /** it stands open at first */
  opened?: boolean;
  children: ReactNode;
}

/** A phrase of the sentence that opens its setting. */
export function Phrase({ words, label, opened = false, children }: PhraseProps) {
  const [open, setOpen] = useState(opened);
  // A page shows dozens of phrases: until one is opened, it is a button and nothing more.
  const [wasOpened, setWasOpened] = useState(opened);
  const button = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (!open) return;
    // Wherever the focus is: what held it within may have been replaced by what was chosen.
    const closeOnEscape = ({ key, target }: KeyboardEvent) => {
      const field = target as HTMLElement;
      // An open list within closes first.
      if (key !== 'Escape' || (field.role === 'combobox' && field.ariaExpanded === 'true')) return;
      setOpen(false);
      button.current?.focus();
    };
    // Before the fields within, which keep some keys to themselves.
    document.addEventListener('keydown', closeOnEscape, true);
    return () => document.removeEventListener('keydown', closeOnEscape, true);
  }, [open]);
  const phrase = (
    <button
      ref={button}
      type="button"
      onClick={() => {
        if (wasOpened) return;
        setWasOpened(true);
        setOpen(true);
      }}
      className="phrase"
      aria-label={`${label}: ${words}`}
      aria-expanded={open}
    >
      {words}
    </button>
  );
  if (!wasOpened) return phrase;
  return (
    <Popover
      open={open}
      onOpenChange={setOpen}
      trigger="click"
      placement="bottomLeft"
      arrow={false}
      destroyOnHidden
      content={<Setting label={label}>{children}</Setting>}
    >
      {phrase}
    </Popover>
  );
}

interface SettingProps {
  label: string;
  children: ReactNode;
}

/** More frames than its opening takes. */
const mostFrames = 60;

/** The opened setting. It stands at the end of the page, so who came by keyboard is led in. */
function Setting({ label, children }: SettingProps) {
  const setting = useRef<HTMLDivElement>(null);
  useEffect(() => {
    let frames = 0;
    let next = 0;
    // It can take the focus only once it has been put in its place and made visible.
    const lead = () => {
      const node = setting.current;
      const field =
        node?.querySelector<HTMLElement>('input:checked') ?? node?.querySelector('input');
      field?.focus();
      frames += 1;
      if (!node?.contains(document.activeElement) && frames < mostFrames)
        next = requestAnimationFrame(lead);
    };
    next = requestAnimationFrame(lead);
    return () => cancelAnimationFrame(next);
  }, []);
  return (
    <div ref={setting} className="phrase-setting fields" role="dialog" aria-label={label}>
      {children}
    </div>
  );
}
