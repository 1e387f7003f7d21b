import type { ReactNode } from 'react';
import { formatDay } from '../../core/calendar';
import type { BoardStyle } from '../../core/chart';
import type { PlacedChart } from '../../contract';
import {
  type DialDefinition,
  type DialValue,
  dialValues,
  standsAt,
  type Turns,
  turnsOf,
} from '../../core/dials';
import { dialCounts, dialsTurning } from '../../core/figures';
import { figureFormat, writeFigure } from '../../core/labels';
import { type Reading, sayOutOfView } from '../../core/reading';
import { wordsIn } from '../../core/values';
import { Act, Choice, DayField, DaysField, Range, Several, TypedNumber } from '../hands';
import type { TurnedDials } from '../reading';

interface DialStripProps {
  charts: readonly PlacedChart[];
  /** the readings of the charts, by chart */
  readings: Readonly<Record<number, Reading>>;
  turned: TurnedDials;
  /** how the dashboard writes dates and figures */
  style: BoardStyle;
  onTurn: (name: string, value: DialValue) => void;
  onReset: () => void;
}

/**
 * The dials of all charts of a dashboard, those of one name once: readers turn them for themselves. One
 * that turns nothing is not there.
 */
export function DialStrip({ charts, readings, turned, style, onTurn, onReset }: DialStripProps) {
  const all = charts.flatMap(({ definition }) =>
    dialsTurning(definition).map((dial) => ({ dial, counts: dialCounts(definition, dial.id) })),
  );
  const dials = [
    ...new Map([...all].reverse().map((each) => [each.dial.name, each])).values(),
  ].reverse();
  if (dials.length === 0) return null;
  const moved = dials.some(({ dial }) => dial.name in turned);
  const reach = reachOf(Object.values(readings));
  return (
    <section className="dial-strip" aria-label="Dials">
      {dials.map(({ dial, counts }) => (
        <Dial
          key={dial.name}
          {...{ dial, counts, style, reach }}
          value={dialValues([dial], turned).get(dial.id) ?? standsAt(dial)}
          onTurn={(value) => onTurn(dial.name, value)}
          outOfView={charts.flatMap(({ id, definition }) =>
            readings[id] ? sayOutOfView(definition, readings[id], dial.name) : [],
          )}
        />
      ))}
      {moved && <Act onClick={onReset}>As the author has set them</Act>}
    </section>
  );
}

/** The first and the last day that the charts show; null where no dates stand along any. */
function reachOf(readings: readonly Reading[]): readonly [string, string] | null {
  const shown = readings
    .filter(({ axis }) => axis === 'calendar')
    .flatMap(({ positions }) => positions);
  if (shown.length === 0) return null;
  const first = Math.min(...shown.map(({ start }) => start));
  const last = Math.max(...shown.map(({ next }) => next - 1));
  return [formatDay(first), formatDay(last)];
}

interface DialProps {
  dial: DialDefinition;
  /** what it counts, where its author has not said */
  counts: string | undefined;
  value: DialValue;
  style: BoardStyle;
  reach: readonly [string, string] | null;
  /** what it has moved out of the pictures, a sentence each */
  outOfView: readonly string[];
  onTurn: (value: DialValue) => void;
}

function Dial({ dial, counts, value, style, reach, outOfView, onTurn }: DialProps) {
  const turns = turnsOf(dial);
  const Hand = hands[turns.by] as (props: HandProps<Turns>) => ReactNode;
  return (
    <span className="dial">
      <span className="dial-name" aria-hidden>
        {dial.name}
      </span>
      <Hand {...{ label: dial.name, turns, counts, value, style, reach, onTurn }} />
      {outOfView.length > 0 && (
        <span className="quiet small" role="status">
          {outOfView.join(' ')}
        </span>
      )}
    </span>
  );
}

interface HandProps<How extends Turns> extends Pick<
  DialProps,
  'counts' | 'value' | 'style' | 'reach' | 'onTurn'
> {
  label: string;
  turns: How;
}

type By<Name extends Turns['by']> = HandProps<Extract<Turns, { by: Name }>>;

/** What a dial is turned with, by how it is turned. */
const hands: { [Name in Turns['by']]: (props: By<Name>) => ReactNode } = {
  number: Slider,
  choice: Words,
  several: SeveralWords,
  date: Day,
  dates: Days,
};

function Slider({ label, turns, counts, value, style, onTurn }: By<'number'>) {
  const { from, to, step, unit = counts } = turns;
  const number = Number(value);
  const whole = [from, to, step].every(Number.isInteger);
  const format = figureFormat(Math.max(Math.abs(from), Math.abs(to)), whole, {
    ...style.numbers,
    unit: '',
  });
  const said = [writeFigure(number, format), unit].filter(Boolean).join(' ');
  return (
    <>
      <Range {...{ label, from, to, step, said }} value={number} onChange={onTurn} />
      <TypedNumber
        {...{ label, from, to, step }}
        marks={style.numbers.marks}
        value={number}
        onChange={onTurn}
      />
      {unit && <span>{unit}</span>}
    </>
  );
}

const named = (choices: readonly string[]) =>
  choices.map((choice) => ({ value: choice, label: choice || 'all' }));

function Words({ label, turns: { choices }, value, onTurn }: By<'choice'>) {
  const options = named(choices);
  return <Choice {...{ label, options }} value={String(value)} onChange={onTurn} />;
}

function SeveralWords({ label, turns: { choices }, value, onTurn }: By<'several'>) {
  const options = named(choices.filter(Boolean));
  return <Several {...{ label, options }} none="all" value={wordsIn(value)} onChange={onTurn} />;
}

function Day({ label, value, style, onTurn }: By<'date'>) {
  return <DayField {...{ label, dates: style.dates }} value={String(value)} onChange={onTurn} />;
}

function Days({ label, value, style, reach, onTurn }: By<'dates'>) {
  const [from = '', to = ''] = typeof value === 'object' ? value : [];
  return (
    <DaysField {...{ label, reach, dates: style.dates }} value={[from, to]} onChange={onTurn} />
  );
}
