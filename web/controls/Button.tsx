import { Button as LibraryButton } from 'antd';
import type { MouseEvent, ReactNode, Ref } from 'react';
import { useHref, useLinkClickHandler } from 'react-router';

interface PressedProps {
  children?: ReactNode;
  onClick?: (event: MouseEvent<HTMLElement>) => void;
  disabled?: boolean;
  className?: string;
  title?: string;
  ref?: Ref<HTMLButtonElement | HTMLAnchorElement>;
  'aria-label'?: string;
  'aria-pressed'?: boolean;
  'aria-expanded'?: boolean;
  'aria-haspopup'?: 'menu';
}

export interface ButtonProps extends PressedProps {
  /** the one thing that a page is there for */
  primary?: boolean;
  /** it is at work and cannot be pressed again */
  busy?: boolean;
  /** it sends the form that it stands in */
  submit?: boolean;
  /** a page that it leads to */
  to?: string;
  /** the page opens beside this one */
  beside?: boolean;
}

/** A button that stands for itself. */
export function Button({ primary, busy, submit, disabled, to, beside, ...rest }: ButtonProps) {
  const shared = { ...rest, type: primary ? ('primary' as const) : ('default' as const) };
  if (to !== undefined)
    return <Leading {...shared} to={to} target={beside ? '_blank' : undefined} />;
  return (
    <LibraryButton
      {...shared}
      htmlType={submit ? 'submit' : 'button'}
      disabled={disabled || busy}
      aria-busy={busy || undefined}
    />
  );
}

export interface ActProps extends PressedProps {
  /** a page that it leads to */
  to?: string;
  /** a file that it gives */
  href?: string;
}

/** What can be done, in its words alone. */
export function Act({ to, className = '', ...rest }: ActProps) {
  const shared = {
    ...rest,
    type: 'link' as const,
    size: 'small' as const,
    className: `act ${className}`,
  };
  return to === undefined ? <LibraryButton {...shared} /> : <Leading {...shared} to={to} />;
}

type LeadingProps = Parameters<typeof LibraryButton>[0] & { to: string };

/** Leads to another page without loading this one anew. */
function Leading({ to, target, ...rest }: LeadingProps) {
  const href = useHref(to);
  const go = useLinkClickHandler(to, { target });
  return (
    <LibraryButton
      {...rest}
      href={href}
      target={target}
      onClick={(event) => go(event as MouseEvent<HTMLAnchorElement>)}
    />
  );
}
