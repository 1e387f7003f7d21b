import { ColorPicker } from 'antd';
import { type Colour, freeColour, isColour } from '../../core/chart';
import { shadeOf } from '../look';

interface FreeColourProps {
  label: string;
  value: unknown;
  onChange: (value: Colour) => void;
}

/** A free colour as it was written, a named one as it is drawn. */
const shownAs = (value: unknown) =>
  !isColour(value) ? shadeOf('teal') : freeColour.test(value) ? value : shadeOf(value);

/** Any other colour than those that have names. */
export const FreeColour = ({ label, value, onChange }: FreeColourProps) => (
  <label className="row small">
    <ColorPicker
      size="small"
      disabledAlpha
      format="hex"
      value={shownAs(value)}
      onChangeComplete={(chosen) =>
        onChange(chosen.toHexString().slice(0, 7).toLowerCase() as Colour)
      }
    />
    {label}
  </label>
);
