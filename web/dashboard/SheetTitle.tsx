import type { ReactNode } from 'react';
import type { Note } from '../../contract';
import type { Day, Grain } from '../../core/calendar';
import { linesOf, type Reading } from '../../core/reading';
import { Pennant } from '../look';
import { GrainChoiceField, type Highlight, isLit, PeriodChoiceField, sayHeld } from '../plot';

interface SheetTitleProps {
  /** as it is written, until the chart is read */
  title: string;
  reading: Reading | null;
  /** which lines are highlighted, in words; empty for none */
  lit: string;
  /** by what was picked in other charts it is narrowed, in words; empty for nothing */
  narrowed: string;
  /** what has found no room, in words */
  leftOut: string;
  held: readonly Day[];
  /** what the author has said of the last figure; empty for nothing */
  said: string;
  onPeriod: (start: Day) => void;
  /** the grains that the reader may choose between */
  grains: readonly Grain[];
  grain: Grain;
  onGrain: (grain: Grain) => void;
  /** those of the whole chart fly beside its title */
  notes: readonly Note[];
  onOpenNote?: (note: Note) => void;
  /** what else can be chosen */
  children?: ReactNode;
}

/** The lines that are highlighted, by their names. */
export const sayLit = (reading: Reading, highlight: Highlight): string =>
  linesOf(reading)
    .filter(({ id }) => isLit(highlight, id))
    .map(({ name }) => name)
    .join(', ');

/** The title of a chart, and what is drawn; while two dates are held, what lies between them. */
export function SheetTitle(props: SheetTitleProps) {
  const { title, reading, lit, narrowed, leftOut, held, said, onPeriod } = props;
  const { grains, grain, onGrain, notes, onOpenNote, children } = props;
  const between = reading ? sayHeld(reading, held) : '';
  return (
    <div className="chart-title">
      <div className="row">
        {/* Before the title, whose end what can be done comes over. */}
        {notes
          .filter(({ day }) => day === null)
          .map((note) => (
            <button
              key={note.id}
              type="button"
              className="plain title-pennant"
              title={note.text}
              onClick={() => onOpenNote?.(note)}
            >
              <Pennant number={note.number} colour={note.colour} />
            </button>
          ))}
        <h2>{reading?.title ?? title}</h2>
      </div>
      {between && (
        <p className="held-words small" role="status" title={between}>
          {between}
        </p>
      )}
      <p className="quiet small" hidden={!!between}>
        {said && <span className="ink">{said}. </span>}
        {narrowed && <strong>{narrowed}, </strong>}
        {lit && <strong>{lit} highlighted, </strong>}
        {reading?.described}
        {leftOut}
      </p>
      {children}
      {grains.length > 0 && <GrainChoiceField {...{ grains, grain }} onChoose={onGrain} />}
      {reading?.choice && <PeriodChoiceField choice={reading.choice} onChoose={onPeriod} />}
    </div>
  );
}
