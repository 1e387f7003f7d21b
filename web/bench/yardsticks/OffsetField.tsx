import { countPeriods } from '../../../core/labels';
import { NumberField } from '../../controls';

interface OffsetFieldProps {
  value: number;
  onChange: (days: number) => void;
}

/** How many days after a date, or before it, a line stands. */
export function OffsetField({ value, onChange }: OffsetFieldProps) {
  return (
    <NumberField
      label="Days after it (before, if negative)"
      value={value}
      min={-3660}
      max={3660}
      whole
      onChange={onChange}
    />
  );
}

/** A date with its offset: "3 days before today". */
export function sayOffset(days: number, date: string): string {
  if (days === 0) return date;
  return `${countPeriods(Math.abs(days), 'day')} ${days < 0 ? 'before' : 'after'} ${date}`;
}
