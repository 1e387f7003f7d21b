import { writeFigure } from '../labels';
import { between, sayBetween } from './between';
import { sayOnYearBefore } from './onYearBefore';
import type { Reading, ReadSeries } from './reading';
import { linesOf } from './words';

/**
 * A chart in one sentence: where it stands against its mark, or else its latest finished figures, what
 * changed most between two ends, or where it is highest. Empty where there is no figure.
 */
export function sayInOne(reading: Reading): string {
  if (reading.standing) return reading.standing;
  const lines = linesOf(reading).filter(({ greyed }) => !greyed);
  if (reading.axis === 'ends') return sayMostRisen(reading, lines);
  return reading.axis === 'calendar' ? sayLatest(reading, lines) : sayHighest(reading, lines);
}

/** The line with the greatest figure at a place; null where none has one. */
function greatestAt(lines: readonly ReadSeries[], place: number): ReadSeries | null {
  const valued = lines.filter(({ figures }) => (figures[place] ?? null) !== null);
  return valued.reduce<ReadSeries | null>(
    (most, line) =>
      !most || (line.figures[place] ?? 0) > (most.figures[place] ?? 0) ? line : most,
    null,
  );
}

/** The figures of the last period that is finished. */
function sayLatest(reading: Reading, lines: readonly ReadSeries[]): string {
  const isFinished = ({ figures, open, plan }: ReadSeries, place: number) =>
    !plan && (figures[place] ?? null) !== null && !open[place];
  const place = reading.positions.findLastIndex((_, at) =>
    lines.some((line) => isFinished(line, at)),
  );
  const finished = lines.filter((line) => isFinished(line, place));
  const line = greatestAt(finished, place);
  if (!line) return '';
  const figure = writeFigure(line.figures[place] ?? 0, line.format);
  const label = reading.positions[place]?.label ?? '';
  if (finished.length > 1) return `${line.called} was highest in ${label}, at ${figure}.`;
  const change = sayOnYearBefore(reading, line, place);
  return `${line.called} was ${figure} in ${label}${change && `, ${change} on the year before`}.`;
}

function sayMostRisen(reading: Reading, lines: readonly ReadSeries[]): string {
  const changes = lines.flatMap((line) => {
    const change = between(line, 0, 1);
    return change ? [{ line, change }] : [];
  });
  const [first, ...others] = changes;
  if (!first) return '';
  const most = others.reduce(
    (best, each) => (each.change.difference > best.change.difference ? each : best),
    first,
  );
  const [from, to] = reading.positions.map(({ label }) => label);
  const said = sayBetween(most.change, most.line);
  if (others.length === 0) return `${most.line.called} changed by ${said} from ${from} to ${to}.`;
  return `From ${from} to ${to} ${most.line.called} changed most upwards, by ${said}.`;
}

function sayHighest(reading: Reading, lines: readonly ReadSeries[]): string {
  const peaks = reading.positions.flatMap((_, place) => {
    const line = greatestAt(lines, place);
    return line ? [{ line, place, figure: line.figures[place] ?? 0 }] : [];
  });
  const [first, ...others] = peaks;
  if (!first) return '';
  const { line, place, figure } = others.reduce(
    (best, each) => (each.figure > best.figure ? each : best),
    first,
  );
  const label = reading.positions[place]?.label ?? '';
  return `${line.called} is highest ${reading.axis === 'year' ? 'in' : 'at'} ${label}, with ${writeFigure(figure, line.format)}.`;
}
