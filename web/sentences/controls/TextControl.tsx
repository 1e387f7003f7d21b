import { Input } from 'antd';
import type { ControlProps } from './control';

/** Longer texts than these are not kept. */
const longest = 160;

/** A text that is written, or a word of a category, of which none is a blank one. */
export function TextControl(props: ControlProps<'text'> | ControlProps<'word'>) {
  const { setting, label, value, onChange } = props;
  return (
    <label className="field">
      <span>{label}</span>
      <Input
        aria-label={label}
        value={String(value ?? '')}
        maxLength={longest}
        {...(setting.control === 'word' && { placeholder: 'blank' })}
        onChange={({ target }) => onChange(target.value)}
      />
    </label>
  );
}
