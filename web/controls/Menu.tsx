import { Dropdown } from 'antd';
import { type ReactNode, useRef, useState } from 'react';
import { Act, Button } from './Button';

/** One entry of a menu; without an act it only says something. */
export interface MenuItem {
  label: string;
  act?: () => void;
}

export interface MenuProps {
  items: readonly MenuItem[];
  /** the button's words */
  children: ReactNode;
  /** the button stands for itself */
  button?: boolean;
  /** it is what the page is for */
  primary?: boolean;
  className?: string;
  /** the button's name, where its words alone do not tell it from others */
  label?: string;
  /** what it offers may be asked for now */
  onOpen?: () => void;
}

/** A button that opens a menu. */
export function Menu({ items, children, button, primary, className, label, onOpen }: MenuProps) {
  const [open, setOpen] = useState(false);
  const pressed = useRef<HTMLButtonElement>(null);
  const Pressed = button ? Button : Act;
  const look = primary ? { primary } : {};
  const change = (next: boolean) => {
    setOpen(next);
    if (next) onOpen?.();
    // Whoever was in the menu is where they came from.
    if (!next && document.activeElement?.closest('[role=menu]')) pressed.current?.focus();
  };
  return (
    <Dropdown
      open={open}
      onOpenChange={change}
      trigger={['click']}
      placement="bottomRight"
      autoFocus
      menu={{
        'aria-label': label,
        selectable: false,
        items: items.map(({ label: words, act }, at) => ({
          // Steps to go back to may have the same words.
          key: String(at),
          label: words,
          disabled: !act,
          onClick: act,
        })),
      }}
    >
      <Pressed
        ref={pressed}
        {...look}
        className={className}
        aria-label={label}
        aria-haspopup="menu"
        aria-expanded={open}
      >
        {children}
      </Pressed>
    </Dropdown>
  );
}
