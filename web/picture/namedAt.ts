import type { Colour } from '../../core/chart';
import { isPercentage, writeChange, writeShare, writeFigure } from '../../core/labels';
import { linesOf, type Reading, type ReadPanel, type ReadSeries } from '../../core/reading';
import type { Edges } from '../../core/yardsticks';

/** A name at a value, beside a panel. */
export interface Named {
  /** null for a yardstick */
  series: ReadSeries | null;
  text: string;
  value: number;
  /** it stands on the second value axis */
  second: boolean;
  /** a yardstick's own colour; null: the accent */
  colour?: Colour | null;
}

/** A lone series is named by the title; several are named at their ends. */
export function atEnd(reading: Reading, { series, yardsticks, ...axes }: ReadPanel): Named[] {
  const { names } = reading.look;
  const inLegend = names.as === 'legend';
  const drawn = series.filter(({ last }) => last !== null);
  const several = drawn.length > 1 || linesOf(reading).length > reading.panels.length;
  const panels = reading.panels.length > 1;
  const lines = drawn.flatMap((line): Named[] => {
    const value = line.figures[line.last as number] ?? 0;
    if (reading.axis === 'ends') return line.last === 1 ? [atSlopeEnd(line)] : [];
    const { second } = line;
    return several && !inLegend
      ? [{ series: line, text: panels ? line.seriesName : line.name, value, second }]
      : [];
  });
  if (inLegend && names.yardsticks) return lines;
  const held = yardsticks.flatMap((yardstick): Named[] => {
    const { label: text, look, value, bands, edges, filledBetween, second } = yardstick;
    const axis = (second && axes.second) || axes.axis;
    const { colour } = look;
    const label = (words: string, at: number) => ({
      series: null,
      text: words,
      value: at,
      second,
      colour,
    });
    const atEdges = yardstick.edgeLabels
      .filter((each) => each.value >= axis.from && each.value <= axis.to)
      .map((each) => label(each.text, each.value));
    if (text === '' || !['end', 'each'].includes(look.label.at)) return atEdges;
    // One beyond the axis is pointed at from its edge.
    if (value !== null && value > axis.to) return [label(`${text} ↑`, axis.to)];
    if (value !== null && value < axis.from) return [label(`${text} ↓`, axis.from)];
    if (value !== null) return [label(text, value)];
    if (filledBetween && edges) {
      const [low, high] = lastOf(edges);
      return low === null || high === null ? [] : [label(text, middleOn(axis, low, high))];
    }
    // Neighbours are named together, at the uppermost of them.
    const top = yardstick.levels.length === 0 ? bands.at(-1) : undefined;
    return top ? [label(text, middleOn(axis, top.from, top.to)), ...atEdges] : atEdges;
  });
  return [...lines, ...held];
}

/** The last edges of a band whose edges change; null where it has none. */
function lastOf({ low, high }: Edges) {
  const at = low.findLastIndex((value, place) => value !== null && (high[place] ?? null) !== null);
  return [low[at] ?? null, high[at] ?? null] as const;
}

/** The middle of what is seen of a band. */
const middleOn = (axis: ReadPanel['axis'], from: number, to: number) =>
  (Math.max(from, axis.from) + Math.min(to, axis.to)) / 2;

/** The later end of a slope: its value, the change, and the name. */
function atSlopeEnd(line: ReadSeries): Named {
  const { format, second } = line;
  const [before, after] = [line.figures[0] ?? null, line.figures[1] ?? 0];
  const change = isPercentage(format)
    ? before !== null && ` (${writeChange(after - before, before, format)})`
    : before && ` (${writeShare(after - before, before)})`;
  return {
    series: line,
    text: `${writeFigure(after, format)} ${line.name}${change || ''}`,
    value: after,
    second,
  };
}

/** The earlier end of a slope: the name and its value. */
export function atStart({ series }: ReadPanel): Named[] {
  return series.flatMap((line) => {
    const value = line.figures[0] ?? null;
    return value === null
      ? []
      : [
          {
            series: line,
            value,
            second: line.second,
            text: `${line.name} ${writeFigure(value, line.format)}`,
          },
        ];
  });
}
