import type { Day } from '../../core/calendar';
import { linesOf, type Reading } from '../../core/reading';
import { type Highlight, isLit, placeOf } from '../picture';
import { sayHeld } from '../pointing';

interface SheetWordsProps {
  reading: Reading | null;
  highlight: Highlight;
  /** a day of the period that is highlighted; null for none */
  litDay: Day | null;
  /** by what was picked in other charts it is narrowed, in words; empty for nothing */
  narrowed: string;
  /** what has found no room, in words */
  leftOut: string;
  held: readonly Day[];
  /** what the author has said of the last figure; empty for nothing */
  said: string;
}

/** What a chart draws, in a line; while two dates are held, what lies between them. */
export function SheetWords(props: SheetWordsProps) {
  const { reading, narrowed, leftOut, held, said } = props;
  const between = reading ? sayHeld(reading, held) : '';
  const lit = reading ? sayLit(reading, props) : '';
  return (
    <>
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
        {reading?.unmet.map((sentence) => ` ${sentence}`)}
      </p>
    </>
  );
}

/** The lines that are highlighted, by their names, and the period. */
function sayLit(
  reading: Reading,
  { highlight, litDay }: Pick<SheetWordsProps, 'highlight' | 'litDay'>,
): string {
  const names = linesOf(reading).flatMap(({ id, name }) => (isLit(highlight, id) ? name : []));
  const place = litDay === null ? null : placeOf(reading, litDay);
  const period = reading.positions[place ?? -1]?.label ?? '';
  return [names.join(', '), period].filter(Boolean).join(' in ');
}
