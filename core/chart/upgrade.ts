import { isFigure } from '../values';
import type { YardstickDefinition } from '../yardsticks';
import type { ChartDefinition, Role, SeriesDefinition } from './definition';
import { type Colour, plainStroke, takesPalette } from './strokes';

/** A series as version 1 kept it. */
interface FirstSeries extends Pick<SeriesDefinition, 'id' | 'name' | 'mark'> {
  role: Role;
  figures: { sourceId: number; date: string; aggregate: string; column: string | null };
  split: { column: string; order: string[] } | null;
  colour: Colour | null;
}

/** A chart as version 1 kept it. */
interface FirstChart extends Pick<
  ChartDefinition,
  'title' | 'grain' | 'yardsticks' | 'colourRules' | 'standouts'
> {
  version: 1;
  span: { from: string | null; to: string | null };
  series: FirstSeries[];
}

/** A definition as any version stored it. */
export type StoredChart = FirstChart | ChartDefinition;

/** Turns a definition as any version stored it into one of today's, step by step. */
export function upgradeChart(stored: StoredChart): ChartDefinition {
  const second = stored.version === 1 ? toSecond(withDrawnLevels(stored)) : stored;
  return second;
}

/** Version 1 let levels through that drew nothing: beyond what can be drawn, or no number at all. */
function withDrawnLevels(stored: FirstChart): FirstChart {
  return { ...stored, yardsticks: stored.yardsticks.filter(hasValue) };
}

const hasValue = (yardstick: YardstickDefinition) =>
  yardstick.kind !== 'line' ||
  yardstick.value.kind !== 'number' ||
  // JSON has no word for what is no number: it was stored as null.
  isFigure(yardstick.value.number);

/** Version 2 knows arrangements, derived series, formulas, filters, gaps and strokes. */
function toSecond({ span, series, yardsticks, ...chart }: FirstChart): ChartDefinition {
  let taken = 0;
  const placeOf = ({ role, split }: FirstSeries) => {
    const place = taken;
    if (takesPalette(role)) taken += Math.max(1, split?.order.length ?? 1);
    return place;
  };
  return {
    ...chart,
    version: 2,
    span: { kind: 'fixed', ...span },
    yearStart: 1,
    arrangement: { kind: 'one' },
    axis: { starts: 'suited' },
    emphasis: null,
    yardsticks: yardsticks.map((each) =>
      each.kind === 'line' ? { ...each, shading: 'none' } : each,
    ),
    series: series.map((first) => {
      const { colour, figures, split, ...each } = first;
      return {
        ...each,
        figures: {
          kind: 'rows',
          percent: 50,
          filters: [],
          ...figures,
        } as SeriesDefinition['figures'],
        split: split && { ...split, coloured: [], top: null },
        ...{ derived: null, spread: false, gap: 'open', handover: null, hidden: false },
        stroke: { ...plainStroke, colour, place: placeOf(first) },
      };
    }),
  };
}
