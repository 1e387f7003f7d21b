import { Radio } from 'antd';
import { type Note, noteColours } from '../../contract';
import { FreeColour } from '../controls';
import { shadeOf } from '../look';

const isOffered = (colour: Note['colour']) => (noteColours as readonly string[]).includes(colour);

interface PennantColoursProps {
  colour: Note['colour'];
  onChoose: (colour: Note['colour']) => void;
}

/** The colours that a pennant may have, one of which is chosen. */
export function PennantColours({ colour, onChoose }: PennantColoursProps) {
  const offered: readonly Note['colour'][] = isOffered(colour)
    ? noteColours
    : [...noteColours, colour];
  return (
    <div className="field">
      <span>Pennant</span>
      <Radio.Group
        aria-label="Pennant colour"
        className="swatches"
        value={colour}
        onChange={({ target }) => onChoose(target.value as Note['colour'])}
      >
        {offered.map((each) => (
          <Radio key={each} value={each} aria-label={each}>
            <span className="swatch" title={each} style={{ background: shadeOf(each) }} />
          </Radio>
        ))}
      </Radio.Group>
      <FreeColour label="Another colour" value={colour} onChange={onChoose} />
    </div>
  );
}
