import { SettingControl } from '../SettingField';
import type { ControlProps } from './control';

/** What is kept in another form than it is set in. */
export function MappedControl({ setting, label, value, onChange }: ControlProps<'mapped'>) {
  const { inner, to, from } = setting;
  return (
    <SettingControl
      setting={inner}
      label={label}
      value={from(value)}
      onChange={(next) => onChange(to(next))}
    />
  );
}
