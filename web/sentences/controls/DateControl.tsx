import { DateField } from '../../controls';
import type { ControlProps } from './control';

/** A date. */
export function DateControl({ label, value, onChange }: ControlProps<'date'>) {
  return <DateField label={label} value={String(value)} onChange={onChange} />;
}
