import { mixed, object, string } from 'yup';
import { formatDay, type Grain, nextPeriod, parseDay, periodStart } from '../calendar';
import { writeStretch } from '../labels';
import { figure } from '../values';
import { drawnGrain, spannedReach } from '../figures';
import type { ChartDefinition } from '../chart';
import type { NarrowingKind } from './narrowing';

/** A stretch of dates: the other charts show what lies within it. */
export interface DatesNarrowing {
  kind: 'dates';
  /** the chart in which it was picked */
  chart: number;
  /** its first and last day, written 2026-11-23 */
  from: string;
  to: string;
}

const writtenDay = string().matches(/^\d{4}-\d\d-\d\d$/);

export const dates: NarrowingKind<DatesNarrowing> = {
  kind: 'dates',
  schema: () =>
    object({
      kind: mixed<'dates'>().oneOf(['dates']).required(),
      chart: figure().integer().positive().required(),
      from: writtenDay.required(),
      to: writtenDay.required(),
    }),
  written: ({ from, to }) => `${from}.${to}`,
  read: (text) => {
    const [from = '', to = ''] = text.split('.');
    return parseDay(from) === null || parseDay(to) === null ? null : { from, to };
  },
  say: ({ from, to }) => writeStretch(parseDay(from) ?? 0, parseDay(to) ?? 0),
  narrow: ({ from, to }, { chart, today }) => {
    const [first, last] = [parseDay(from), parseDay(to)];
    if (first === null || last === null || last < first) return null;
    // Two periods side by side are chosen each for itself.
    if (chart.arrangement.kind === 'slope') return null;
    const grain = drawnGrain(chart);
    // Longer periods would show more than was picked.
    if (
      periodStart(first, grain) !== first ||
      nextPeriod(periodStart(last, grain), grain) !== last + 1
    )
      return null;
    return { ...chart, span: within(chart, grain, { from: first, to: last, today }) };
  },
};

/** The part of what a chart shows that lies between two days. */
function within(
  chart: ChartDefinition,
  grain: Grain,
  { from, to, today }: { from: number; to: number; today: number },
): ChartDefinition['span'] {
  const shown = spannedReach(chart, today);
  const end = shown.to === null ? Infinity : nextPeriod(shown.to, grain) - 1;
  return {
    kind: 'fixed',
    from: formatDay(Math.max(from, shown.from ?? -Infinity)),
    to: formatDay(Math.min(to, end)),
  };
}
