import { SelectField } from '../../controls';
import { useAbout } from '../about';
import type { ControlProps } from './control';

/** A column of a source. */
export function ColumnControl({ setting, label, value, onChange }: ControlProps<'column'>) {
  const known = (useAbout().names.column ?? []).filter(
    ({ kind }) => !setting.kind || kind === setting.kind,
  );
  return (
    <SelectField
      label={label}
      value={value ? String(value) : null}
      placeholder={known.length > 0 ? 'Choose a column' : 'Choose a source first'}
      onChange={onChange}
      options={known.map(({ name }) => ({ value: name, label: name }))}
    />
  );
}
