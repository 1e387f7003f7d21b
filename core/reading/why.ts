import { conditionKind, sayCondition } from '../conditions';
import type { DrawnChart } from '../chart';
import { writeFigure } from '../labels';
import { namesFor } from './conditions';
import type { Reading, ReadSeries } from './reading';

/**
 * Why a point looks as it does: the rule that caught it, its figure, and what that was held
 * against.
 * @param reading of the chart
 * @param place along the axis, from 0
 */
export function sayWhy(
  chart: DrawnChart,
  { positions, rules }: Pick<Reading, 'positions' | 'rules'>,
  line: ReadSeries,
  place: number,
): string {
  const label = positions[place]?.label ?? '';
  const figure = line.figures[place] ?? null;
  const rule = rules.find(({ id }) => id === line.caughtBy[place]);
  if (figure === null) return `${line.called} has no figure in ${label}.`;
  const toDate = line.comparison?.toDate?.place === place;
  const written = `${writeFigure(figure, line.format)} in ${label}${toDate ? ', to date,' : ''}`;
  if (line.open[place] && !toDate)
    return `${line.called}, ${written}, is not complete: no rule judges it.`;
  if (!rule) return `No rule catches ${line.called}, ${written.replace(/,$/, '')}.`;
  const mark = line.comparison?.marks[place] ?? null;
  const against =
    conditionKind(rule.condition).byMark && mark !== null
      ? ` against ${writeFigure(mark, line.format)} of ${line.comparison?.markName}`
      : `, ${sayCondition(rule.condition, namesFor(chart, line.seriesId))}`;
  return `“${rule.name}” catches ${line.called}: ${written}${against}.`;
}
