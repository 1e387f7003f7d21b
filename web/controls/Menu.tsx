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
  className?: string;
  /** the button's name, where its words alone do not tell it from others */
  label?: string;
}

/** A button that opens a menu. */
export function Menu({ items, children, button, className, label }: MenuProps) {
  const [open, setOpen] = useState(false);
  const pressed = useRef<HTMLButtonElement>(null);
  const Pressed = button ? Button : Act;
  const change = (next: boolean) => {
    setOpen(next);
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
