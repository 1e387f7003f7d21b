import { Input, InputNumber } from 'antd';
import { type Colour, colours } from '../../core/chart';
import { SelectField } from '../controls';
import { StrokeSample } from '../look';

interface ColourFieldProps {
  value: Colour | null;
  onChange: (colour: Colour) => void;
}

/** A choice of the data's colours, each by its name and its stroke. */
export function ColourField({ value, onChange }: ColourFieldProps) {
  return (
    <SelectField
      label="Colour"
      value={value}
      placeholder="its role’s own"
      onChange={onChange}
      options={colours.map((colour) => ({
        value: colour,
        label: (
          <span className="row">
            <StrokeSample stroke={{ colour, dash: 'solid', width: 3 }} /> {colour}
          </span>
        ),
      }))}
    />
  );
}

/** A text field that keeps what it had when it is emptied. */
export function NameField({
  value,
  onChange,
}: {
  value: string;
  onChange: (name: string) => void;
}) {
  return (
    <label className="field">
      <span>Called</span>
      <Input
        value={value}
        aria-label="Called"
        maxLength={120}
        onChange={(event) => event.target.value.trim() && onChange(event.target.value)}
      />
    </label>
  );
}

interface NumberFieldProps {
  label: string;
  value: number;
  min?: number;
  max?: number;
  /** only whole numbers */
  whole?: boolean;
  onChange: (value: number) => void;
}

/** A number that keeps what it had when it is emptied. */
export function NumberField({ label, value, min, max, whole, onChange }: NumberFieldProps) {
  return (
    <label className="field">
      <span>{label}</span>
      <InputNumber
        value={value}
        aria-label={label}
        min={min}
        max={max}
        precision={whole ? 0 : undefined}
        onChange={(next) => next !== null && onChange(next)}
      />
    </label>
  );
}
