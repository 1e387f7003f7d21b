import { nextPeriod, periodsBetween } from '../../calendar';
import { writePeriod } from '../../labels';
import { completeTo, type PositionsKind } from './positions';

/** More periods than this cannot be told apart on any screen. */
export const mostPeriods = 4000;

/** The periods of the chart's grain, without gaps: from the first to the last figure. */
export const periods: PositionsKind = {
  axis: 'calendar',
  skipsOthers: false,
  lay: ({ chart: { grain }, drawn, today, style }) => {
    if (drawn.length === 0) return [];
    const from = Math.min(...drawn.map(({ frame }) => frame.extent?.from ?? Infinity));
    const to = Math.max(...drawn.map(({ frame }) => frame.extent?.to ?? -Infinity));
    const complete = completeTo(drawn);
    return periodsBetween(from, to, grain, mostPeriods).map((start) => {
      const next = nextPeriod(start, grain);
      return {
        start,
        next,
        middle: (start + next) / 2,
        open: next > today || next - 1 > complete,
        label: writePeriod(start, grain, style),
      };
    });
  },
};
