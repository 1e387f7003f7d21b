import { type Colour, colours } from '../../core/chart';
import { SelectField } from '../controls';
import { StrokeSample } from '../look';

interface ColourFieldProps {
  label?: string;
  value: Colour | null;
  onChange: (colour: Colour) => void;
}

/** A choice of the data's colours, each by its name and its stroke. */
export function ColourField({ label = 'Colour', value, onChange }: ColourFieldProps) {
  return (
    <SelectField
      label={label}
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
