import { type ReactNode, useId } from 'react';
import type { PlacedChart } from '../../contract';
import {
  type DialDefinition,
  type DialValue,
  dialValues,
  type Turns,
  turnsOf,
} from '../../core/dials';
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
  const turns = turnsOf(dial);
  const Hand = hands[turns.by] as (props: HandProps<Turns>) => ReactNode;
  return (
    <span className="dial">
      <label htmlFor={id} className="dial-name">
        {dial.name}
      </label>
      <Hand {...{ id, turns, value, onTurn }} />
    </span>
  );
}

interface HandProps<How extends Turns> {
  id: string;
  turns: How;
  value: DialValue;
  onTurn: (value: DialValue) => void;
}

type By<Name extends Turns['by']> = HandProps<Extract<Turns, { by: Name }>>;

/** What a dial is turned with, by how it is turned. */
const hands: { [Name in Turns['by']]: (props: By<Name>) => ReactNode } = {
  number: Slider,
  choice: Words,
  date: Day,
};

function Slider({ id, turns: { from, to, step }, value, onTurn }: By<'number'>) {
  const number = Number(value);
  const format = figureFormat(Math.max(Math.abs(from), Math.abs(to)), false);
  const written = writeFigure(number, format);
  return (
    <>
      <input
        id={id}
        type="range"
        min={from}
        max={to}
        step={step}
        value={number}
        aria-valuetext={written}
        onChange={({ target }) => onTurn(Number(target.value))}
      />
      <output htmlFor={id}>{written}</output>
    </>
  );
}

function Words({ id, turns: { choices }, value, onTurn }: By<'choice'>) {
  return (
    <select
      id={id}
      className="input"
      value={String(value)}
      onChange={({ target }) => onTurn(target.value)}
    >
      {choices.map((choice) => (
        <option key={choice} value={choice}>
          {choice || 'all'}
        </option>
      ))}
    </select>
  );
}

function Day({ id, value, onTurn }: By<'date'>) {
  return (
    <input
      id={id}
      className="input"
      type="date"
      value={String(value)}
      onChange={({ target }) => target.value && onTurn(target.value)}
    />
  );
}
