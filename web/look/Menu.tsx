import { type KeyboardEvent, type ReactNode, useEffect, useId, useRef, useState } from 'react';

/** One entry of a menu; without an act it only says something. */
export interface MenuItem {
  label: string;
  act?: () => void;
}

interface MenuProps {
  items: readonly MenuItem[];
  /** the button's words */
  children: ReactNode;
  className?: string;
  /** the button's name, where its words alone do not tell it from others */
  label?: string;
}

/** A button that opens a menu; arrow keys walk it, Escape closes it. */
export function Menu({ items, children, className = 'act', label }: MenuProps) {
  const [open, setOpen] = useState(false);
  const root = useRef<HTMLDivElement>(null);
  const list = useRef<HTMLDivElement>(null);
  const id = useId();
  useEffect(() => {
    if (!open) return;
    entriesOf(list.current)[0]?.focus();
    const outside = (event: PointerEvent) =>
      root.current?.contains(event.target as Node) || setOpen(false);
    document.addEventListener('pointerdown', outside);
    return () => document.removeEventListener('pointerdown', outside);
  }, [open]);
  const close = () => {
    setOpen(false);
    root.current?.querySelector('button')?.focus();
  };
  const onKeyDown = (event: KeyboardEvent) => {
    if (!open) return;
    if (event.key === 'Tab') return setOpen(false);
    const entries = entriesOf(list.current);
    const here = entries.indexOf(document.activeElement as HTMLButtonElement);
    const next = {
      ArrowDown: (here + 1) % entries.length,
      ArrowUp: (here + entries.length - 1) % entries.length,
      Home: 0,
      End: entries.length - 1,
    }[event.key];
    if (event.key === 'Escape') close();
    else if (next !== undefined) entries[next]?.focus();
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
  return (
    <div ref={root} className="menu" onKeyDown={onKeyDown}>
      <button
        type="button"
        className={className}
        aria-haspopup="menu"
        aria-expanded={open}
        aria-controls={open ? id : undefined}
        aria-label={label}
        onClick={() => setOpen(!open)}
      >
        {children}
      </button>
      {open && (
        <div ref={list} id={id} className="menu-list" role="menu" aria-label={label}>
          {items.map(({ label: words, act }) =>
            act ? (
              <button
                key={words}
                type="button"
                role="menuitem"
                tabIndex={-1}
                onClick={() => {
                  close();
                  act();
                }}
              >
                {words}
              </button>
            ) : (
              <p key={words} className="quiet small">
                {words}
              </p>
            ),
          )}
        </div>
      )}
    </div>
  );
}

const entriesOf = (list: HTMLElement | null) => [
  ...(list?.querySelectorAll<HTMLButtonElement>('[role=menuitem]') ?? []),
];
