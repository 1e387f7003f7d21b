import { useId } from 'react';
import type { PlacedChart } from '../../contract';
import { type DialDefinition, type DialValue, dialValues } from '../../core/dials';
import { figureFormat, writeFigure } from '../../core/labels';
import type { TurnedDials } from '../reading';

interface DialStripProps {
  charts: readonly PlacedChart[];
  turned: TurnedDials;
  onTurn: (name: string, value: DialValue) => void;
  onReset: () => void;
}

/** The dials of all charts of a dashboard, those of one name once: readers turn them for themselves. */
export function DialStrip({ charts, turned, onTurn, onReset }: DialStripProps) {
  const all = charts.flatMap(({ definition }) => definition.dials);
  const dials = [
    ...new Map([...all].reverse().map((dial) => [dial.name, dial])).values(),
  ].reverse();
  if (dials.length === 0) return null;
  const moved = dials.some(({ name }) => name in turned);
  return (
    <section className="dial-strip" aria-label="Dials">
      {dials.map((dial) => (
        <Dial
          key={dial.name}
          dial={dial}
          value={dialValues([dial], turned).get(dial.id) ?? dial.value}
          onTurn={(value) => onTurn(dial.name, value)}
        />
      ))}
      {moved && (
        <button type="button" className="act" onClick={onReset}>
          As the author has set them
        </button>
      )}
    </section>
  );
}

interface DialProps {
  dial: DialDefinition;
  value: DialValue;
  onTurn: (value: DialValue) => void;
}

function Dial({ dial, value, onTurn }: DialProps) {
  const id = useId();
  const name = (
    <label htmlFor={id} className="dial-name">
      {dial.name}
    </label>
  );
  if (dial.kind === 'number') {
    const number = Number(value);
    const format = figureFormat(Math.max(Math.abs(dial.from), Math.abs(dial.to)), false);
    const written = writeFigure(number, format);
    return (
      <span className="dial">
        {name}
        <input
          id={id}
          type="range"
          min={dial.from}
          max={dial.to}
          step={dial.step}
          value={number}
          aria-valuetext={written}
          onChange={({ target }) => onTurn(Number(target.value))}
        />
        <output htmlFor={id}>{written}</output>
      </span>
    );
  }
  if (dial.kind === 'choice')
    return (
      <span className="dial">
        {name}
        <select
          id={id}
          className="input"
          value={String(value)}
          onChange={({ target }) => onTurn(target.value)}
        >
          {dial.choices.map((choice) => (
            <option key={choice} value={choice}>
              {choice || 'all'}
            </option>
          ))}
        </select>
      </span>
    );
  return (
    <span className="dial">
      {name}
      <input
        id={id}
        className="input"
        type="date"
        value={String(value)}
        onChange={({ target }) => target.value && onTurn(target.value)}
      />
    </span>
  );
}
