import { SettingField } from '../SettingField';
import type { ControlProps } from './control';

/** Two of one thing. */
export function PairControl({ setting, label, value, onChange }: ControlProps<'pair'>) {
  const [one, two] = value as [unknown, unknown];
  return (
    <>
      <SettingField
        entry={setting.of}
        label={label}
        value={one}
        onChange={(next) => onChange([next, two])}
      />
      <SettingField
        entry={setting.of}
        label={`${label}${setting.joint}`.trim()}
        value={two}
        onChange={(next) => onChange([one, next])}
      />
    </>
  );
}
