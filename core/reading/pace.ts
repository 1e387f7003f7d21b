import { isOfPeriods } from '../axis';
import type { Position } from '../arrangements';
import { yearOf, yearStartDay } from '../calendar';
import type { DrawnChart } from '../chart';
import { findPace } from '../pace';
import type { SeriesLine } from '../series';
import type { Comparison, ReadPace } from './reading';

/**
 * The pace of a compared line within the year of its last finished figure: of what adds up, against
 * what adds up, where the whole year is shown.
 */
export function readPace(
  chart: Pick<DrawnChart, 'axis' | 'grain' | 'yearStart'>,
  line: SeriesLine,
  comparison: Comparison,
  positions: readonly Position[],
  markAdds: boolean,
): ReadPace | null {
  if (!isOfPeriods(chart.axis)) return null;
  if (!line.additive || !markAdds || chart.grain === 'year' || line.age !== null) return null;
  const finished = positions.map(({ open }, place) => !open && !line.open[place]);
  const last = line.figures.findLastIndex((figure, place) => figure !== null && finished[place]);
  const at = positions[last];
  if (!at) return null;
  const year = yearOf(at.start, chart.yearStart);
  const inYear = positions.map(({ start }) => yearOf(start, chart.yearStart) === year);
  const [first, end] = [inYear.indexOf(true), inYear.lastIndexOf(true)];
  // A year of which a part is not shown has no target of its own here.
  const whole =
    (positions[first]?.start ?? Infinity) <= yearStartDay(year, chart.yearStart) &&
    (positions[end]?.next ?? -Infinity) >= yearStartDay(year + 1, chart.yearStart);
  const cut = <T>(values: readonly T[]) => values.slice(first, end + 1);
  const { toDate } = comparison;
  // What is to be reached in the end is the whole of it.
  const marks = cut(
    comparison.marks.map((mark, place) => (place === toDate?.place ? toDate.whole : mark)),
  );
  if (!whole || marks.includes(null)) return null;
  const found = findPace(marks, cut(line.figures), cut(finished), line.exact && comparison.exact);
  return found && { ...found, year, from: last, to: end };
}
