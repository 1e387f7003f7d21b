import { Input } from 'antd';
import type { ControlProps } from './control';

/** Longer texts than these are not kept. */
const longest = 160;

/** A text that is written. */
export function TextControl({ label, value, onChange }: ControlProps<'text'>) {
  return (
    <label className="field">
      <span>{label}</span>
      <Input
        aria-label={label}
        value={String(value ?? '')}
        maxLength={longest}
        onChange={({ target }) => onChange(target.value)}
      />
    </label>
  );
}
