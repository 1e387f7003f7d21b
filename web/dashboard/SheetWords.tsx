import { linesOf, type Reading } from '../../core/reading';
import { type At, type Highlight, isLit, placeOf } from '../picture';

interface SheetWordsProps {
  reading: Reading | null;
  highlight: Highlight;
  /** what is highlighted along the axis; null for nothing */
  litAt: At | null;
  /** by what was picked in other charts it is narrowed, in words; empty for nothing */
  narrowed: string;
  /** what has found no room, in words */
  leftOut: string;
  /** what the author has said of the last figure; empty for nothing */
  said: string;
}

/** What a chart draws, in a line. */
export function SheetWords(props: SheetWordsProps) {
  const { reading, narrowed, leftOut, said } = props;
  const lit = reading ? sayLit(reading, props) : '';
  return (
    <p className="quiet small">
      {said && <span className="ink">{said}. </span>}
      {narrowed && <strong>{narrowed}, </strong>}
      {lit && <strong>{lit} highlighted, </strong>}
      {reading?.described}
      {leftOut}
      {reading?.unmet.map((sentence) => ` ${sentence}`)}
    </p>
  );
}

/** The lines that are highlighted, by their names, and the period. */
function sayLit(
  reading: Reading,
  { highlight, litAt }: Pick<SheetWordsProps, 'highlight' | 'litAt'>,
): string {
  const names = linesOf(reading).flatMap(({ id, name }) => (isLit(highlight, id) ? name : []));
  const place = litAt === null ? null : placeOf(reading, litAt);
  const period = reading.positions[place ?? -1]?.label ?? '';
  return [names.join(', '), period].filter(Boolean).join(' in ');
}
