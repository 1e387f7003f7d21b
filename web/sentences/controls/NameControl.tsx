import { writeNamed } from '../../../core/sentences';
import { SelectField } from '../../controls';
import { useAbout } from '../about';
import type { ControlProps } from './control';

/** The name of something of the chart, or of what is beside it. */
export function NameControl({ setting, label, value, onChange }: ControlProps<'name'>) {
  const { names } = useAbout();
  const known = setting.of
    .flatMap((of) => names[of] ?? [])
    .filter(({ kind }) => !setting.kinds || (kind !== undefined && setting.kinds.includes(kind)));
  return (
    <SelectField
      label={label}
      value={known.some(({ id }) => id === value) ? (value as string | number) : null}
      placeholder={known.length > 0 ? 'Choose one' : 'There is none yet'}
      onChange={onChange}
      options={known.map((each) => ({
        value: each.id,
        label: writeNamed(known, each, names),
      }))}
    />
  );
}
