import type { SeriesLine } from './series';

/**
 * Lets one line take over from another after its last finished period: up to there the first wins,
 * after it the second; where the first is still open it stands as a lone point. The stroke from the
 * last figure of the one to the first of the other carries no figure.
 * @param lines all of a chart, each naming the one it takes over from
 */
export function handOver(lines: readonly SeriesLine[]): SeriesLine[] {
  const handed = new Map<string, SeriesLine>();
  for (const line of lines) {
    const takes = line.definition.handover;
    const next = takes && lines.find((each) => each.seriesId === takes && meets(line, each));
    if (!next) continue;
    const last = line.figures.findLastIndex(
      (figure, place) => figure !== null && !line.open[place],
    );
    if (last < 0) continue;
    const after = <T>(values: readonly (T | null)[]) =>
      values.map((value, place) => (place > last ? value : null));
    handed.set(line.id, { ...(handed.get(line.id) ?? line), handsOver: last });
    handed.set(next.id, {
      ...next,
      figures: after(next.figures),
      drawn: after(next.drawn),
      joins: { place: last, figure: line.figures[last] as number },
    });
  }
  return lines.map((line) => handed.get(line.id) ?? line);
}

/** A line of a split hands over to the line of its own word, or to one that is not split. */
const meets = (line: SeriesLine, other: SeriesLine) =>
  line !== other && (!other.split || other.key === line.key);
