import { DatePicker } from 'antd';
import dayjs from 'dayjs';
import { useDateFormat } from './dates';

interface OptionalDateFieldProps {
  /** its name, also for those who do not see it */
  label: string;
  /** written 2026-11-23; null: none */
  value: string | null;
  /** what holds while it is empty */
  placeholder?: string;
  disabled?: boolean;
  /** the first day that can be chosen */
  from?: string | null;
  /** nothing stands beside it: what leads to it has said what it is */
  bare?: boolean;
  onChange: (value: string | null) => void;
}

/** A date that may be left out. */
export function OptionalDateField(props: OptionalDateFieldProps & { kept?: boolean }) {
  const { label, value, placeholder, disabled, from, bare, kept, onChange } = props;
  const field = (
    <DatePicker
      value={value === null ? null : dayjs(value)}
      format={useDateFormat()}
      aria-label={label}
      allowClear={!kept}
      {...(placeholder && { placeholder })}
      disabled={disabled}
      minDate={from ? dayjs(from) : undefined}
      onChange={(day) => onChange(day ? day.format('YYYY-MM-DD') : null)}
    />
  );
  if (bare) return field;
  return (
    <label className="field">
      <span>{label}</span>
      {field}
    </label>
  );
}

interface DateFieldProps extends Omit<OptionalDateFieldProps, 'value' | 'onChange'> {
  value: string;
  onChange: (value: string) => void;
}

/** A date that cannot be emptied. */
export const DateField = ({ onChange, ...props }: DateFieldProps) => (
  <OptionalDateField {...props} kept onChange={(day) => day !== null && onChange(day)} />
);
