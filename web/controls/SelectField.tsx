import { Select, type SelectProps } from 'antd';

interface SelectFieldProps<T> {
  label: string;
  /** its name where the label alone would not tell it from others */
  name?: string;
  /** null: none is chosen yet */
  value: T | null;
  options: SelectProps<T>['options'];
  placeholder?: string;
  onChange: (value: T) => void;
}

/** A choice under its label. */
export function SelectField<T>({ label, name = label, value, ...select }: SelectFieldProps<T>) {
  return (
    <label className="field">
      <span>{label}</span>
      <Select<T>
        aria-label={name}
        popupMatchSelectWidth={false}
        {...select}
        value={value ?? undefined}
      />
    </label>
  );
}
