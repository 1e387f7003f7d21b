import { Input } from 'antd';
import type { ControlProps } from './control';

/** A word of a category; none is a blank one. */
export function WordControl({ label, value, onChange }: ControlProps<'word'>) {
  return (
    <label className="field">
      <span>{label}</span>
      <Input
        aria-label={label}
        value={String(value ?? '')}
        placeholder="blank"
        onChange={({ target }) => onChange(target.value)}
      />
    </label>
  );
}
