import { type Note, noteColours } from '../../contract';
import { shades } from '../look';

interface PennantColoursProps {
  colour: Note['colour'];
  onChoose: (colour: Note['colour']) => void;
}

/** The colours that a pennant may have, one of which is chosen. */
export function PennantColours({ colour, onChoose }: PennantColoursProps) {
  return (
    <div className="field" role="radiogroup" aria-label="Pennant colour">
      <span>Pennant</span>
      <div className="row">
        {noteColours.map((each) => (
          <button
            key={each}
            type="button"
            role="radio"
            aria-checked={colour === each}
            aria-label={each}
            className="swatch"
            style={{ background: shades[each] }}
            onClick={() => onChoose(each)}
          />
        ))}
      </div>
    </div>
  );
}
