import { Radio } from 'antd';
import { type Note, noteColours } from '../../contract';
import { shades } from '../look';

interface PennantColoursProps {
  colour: Note['colour'];
  onChoose: (colour: Note['colour']) => void;
}

/** The colours that a pennant may have, one of which is chosen. */
export function PennantColours({ colour, onChoose }: PennantColoursProps) {
  return (
    <div className="field">
      <span>Pennant</span>
      <Radio.Group
        aria-label="Pennant colour"
        className="swatches"
        value={colour}
        onChange={({ target }) => onChoose(target.value as Note['colour'])}
      >
        {noteColours.map((each) => (
          <Radio key={each} value={each} aria-label={each}>
            <span className="swatch" title={each} style={{ background: shades[each] }} />
          </Radio>
        ))}
      </Radio.Group>
    </div>
  );
}
