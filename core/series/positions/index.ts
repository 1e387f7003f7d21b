import { type AxisDefinition } from '../../axis';
import type { Position } from '../../arrangements';
import type { Day } from '../../calendar';
import type { DrawnChart } from '../../chart';
import type { SeriesFrames } from '../../figures';
import type { PeriodStyle } from '../../labels';
import { numbers } from './numbers';
import { mostPeriods, periods } from './periods';
import { drawnFrames, type PositionsKind } from './positions';
import { recorded } from './recorded';
import { words } from './words';

export { mostPeriods };

const kinds: Readonly<Record<AxisDefinition['kind'], PositionsKind>> = {
  periods,
  recorded,
  numbers,
  years: numbers,
  words,
};

/** How the positions of a chart are laid out. */
export const positionsKind = ({ axis }: Pick<DrawnChart, 'axis'>): PositionsKind =>
  kinds[axis.kind];

/**
 * The positions that a chart shows, from its first to its last figure, within its span.
 * @param frames by the id of their series
 * @param today in the dashboard's zone
 * @param style how periods are written
 */
export const layPositions = (
  chart: DrawnChart,
  frames: SeriesFrames,
  today: Day,
  style?: PeriodStyle,
): Position[] =>
  positionsKind(chart).lay({ chart, drawn: drawnFrames(chart, frames), today, style });
