import { InputNumber } from 'antd';

interface OptionalNumberFieldProps {
  label: string;
  value: number | null;
  min?: number;
  max?: number;
  /** only whole numbers */
  whole?: boolean;
  /** what holds while it is empty */
  placeholder?: string;
  onChange: (value: number | null) => void;
}

/** A number that may be left out. */
export function OptionalNumberField(props: OptionalNumberFieldProps) {
  const { label, whole, placeholder, ...input } = props;
  return (
    <label className="field">
      <span>{label}</span>
      <InputNumber
        {...input}
        aria-label={label}
        precision={whole ? 0 : undefined}
        placeholder={placeholder}
        // What stands in its place while it is empty must have room.
        style={placeholder ? { width: 190 } : undefined}
      />
    </label>
  );
}

interface NumberFieldProps extends Omit<OptionalNumberFieldProps, 'onChange'> {
  onChange: (value: number) => void;
}

/** A number that keeps what it had when it is emptied. */
export function NumberField({ onChange, ...props }: NumberFieldProps) {
  return <OptionalNumberField {...props} onChange={(next) => next !== null && onChange(next)} />;
}
