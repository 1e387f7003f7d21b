import type { ReactNode } from 'react';
import type { PlacedChart } from '../../contract';
import {
  type DialDefinition,
  type DialValue,
  dialValues,
  type Turns,
  turnsOf,
} from '../../core/dials';
import { type DateStyle, figureFormat, writeFigure } from '../../core/labels';
import { Act, Choice, DayField, Range } from '../hands';
import type { TurnedDials } from '../reading';

interface DialStripProps {
  charts: readonly PlacedChart[];
  turned: TurnedDials;
  /** how the dashboard writes dates */
  dates: DateStyle;
  onTurn: (name: string, value: DialValue) => void;
  onReset: () => void;
}

/** The dials of all charts of a dashboard, those of one name once: readers turn them for themselves. */
export function DialStrip({ charts, turned, dates, onTurn, onReset }: DialStripProps) {
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
          dates={dates}
          value={dialValues([dial], turned).get(dial.id) ?? dial.value}
          onTurn={(value) => onTurn(dial.name, value)}
        />
      ))}
      {moved && <Act onClick={onReset}>As the author has set them</Act>}
    </section>
  );
}

interface DialProps {
  dial: DialDefinition;
  value: DialValue;
  dates: DateStyle;
  onTurn: (value: DialValue) => void;
}

function Dial({ dial, value, dates, onTurn }: DialProps) {
  const turns = turnsOf(dial);
  const Hand = hands[turns.by] as (props: HandProps<Turns>) => ReactNode;
  return (
    <span className="dial">
      <span className="dial-name" aria-hidden>
        {dial.name}
      </span>
      <Hand {...{ label: dial.name, turns, value, dates, onTurn }} />
    </span>
  );
}

interface HandProps<How extends Turns> {
  label: string;
  turns: How;
  value: DialValue;
  dates: DateStyle;
  onTurn: (value: DialValue) => void;
}

type By<Name extends Turns['by']> = HandProps<Extract<Turns, { by: Name }>>;

/** What a dial is turned with, by how it is turned. */
const hands: { [Name in Turns['by']]: (props: By<Name>) => ReactNode } = {
  number: Slider,
  choice: Words,
  date: Day,
};

function Slider({ label, turns: { from, to, step }, value, onTurn }: By<'number'>) {
  const number = Number(value);
  const whole = [from, to, step].every(Number.isInteger);
  const said = writeFigure(number, figureFormat(Math.max(Math.abs(from), Math.abs(to)), whole));
  return (
    <>
      <Range {...{ label, from, to, step, said }} value={number} onChange={onTurn} />
      <output>{said}</output>
    </>
  );
}

function Words({ label, turns: { choices }, value, onTurn }: By<'choice'>) {
  const options = choices.map((choice) => ({ value: choice, label: choice || 'all' }));
  return <Choice {...{ label, options }} value={String(value)} onChange={onTurn} />;
}

function Day({ label, value, dates, onTurn }: By<'date'>) {
  return <DayField {...{ label, dates }} value={String(value)} onChange={onTurn} />;
}
