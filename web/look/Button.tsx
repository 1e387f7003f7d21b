import type { ComponentProps } from 'react';

interface ButtonProps extends ComponentProps<'button'> {
  /** the one thing that a page is there for */
  primary?: boolean;
  /** it is at work and cannot be pressed again */
  busy?: boolean;
}

/** A button of the page's own: pages that only show something load no control library for it. */
export function Button({ primary, busy, disabled, className = '', ...rest }: ButtonProps) {
  return (
    <button
      type="button"
      className={`button${primary ? ' primary' : ''} ${className}`}
      disabled={disabled || busy}
      aria-busy={busy || undefined}
      {...rest}
    />
  );
}
