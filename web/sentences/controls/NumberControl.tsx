import { NumberField } from '../../controls';
import type { ControlProps } from './control';

/** A number within its bounds. */
export function NumberControl({ setting, label, value, onChange }: ControlProps<'number'>) {
  const { from, to, whole, unit } = setting;
  return (
    <NumberField
      label={unit ? `${label}, in ${unit}` : label}
      value={value === null ? null : Number(value)}
      {...(from > -Infinity && { min: from })}
      {...(to < Infinity && { max: to })}
      whole={whole}
      onChange={onChange}
    />
  );
}
