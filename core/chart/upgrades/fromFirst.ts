import { isFigure } from '../../values';
import type { SecondChart } from './fromSecond';

/** A series as version 1 kept it. */
interface FirstSeries {
  id: string;
  name: string;
  role: string;
  mark: unknown;
  figures: { sourceId: number; date: string; aggregate: string; column: string | null };
  split: { column: string; order: string[] } | null;
  colour: string | null;
}

type FirstYardstick = { id: string } & (
  { kind: 'line'; name: string; value: { kind: string; number: number } } | { kind: 'today' }
);

/** A chart as version 1 kept it. */
export interface FirstChart {
  version: 1;
  title: string;
  grain: string;
  span: { from: string | null; to: string | null };
  series: FirstSeries[];
  yardsticks: FirstYardstick[];
  colourRules: SecondChart['colourRules'];
  standouts: SecondChart['standouts'];
}

/** The roles that took their colour from the palette. */
const coloured = ['actual', 'other'];

/**
 * Version 2 knows arrangements, derived series, formulas, filters, gaps and strokes. Version 1 let levels
 * through that drew nothing, beyond what can be drawn or no number at all: they go.
 */
export function fromFirst({ span, series, yardsticks, ...chart }: FirstChart): SecondChart {
  let taken = 0;
  const placeOf = ({ role, split }: FirstSeries) => {
    const place = taken;
    if (coloured.includes(role)) taken += Math.max(1, split?.order.length ?? 1);
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
    yardsticks: yardsticks
      .filter(isDrawn)
      .map((each) => (each.kind === 'line' ? { ...each, shading: 'none' } : each)),
    series: series.map((first) => {
      const { colour, figures, split, ...each } = first;
      return {
        ...each,
        figures: { kind: 'rows', percent: 50, filters: [], ...figures },
        split: split && { ...split, coloured: [], top: null },
        derived: null,
        spread: false,
        gap: 'open',
        handover: null,
        hidden: false,
        stroke: {
          colour,
          dash: null,
          width: null,
          shape: 'straight',
          place: placeOf(first),
          points: false,
          filled: false,
        },
      };
    }),
  };
}

const isDrawn = (yardstick: FirstYardstick) =>
  yardstick.kind !== 'line' ||
  yardstick.value.kind !== 'number' ||
  // JSON has no word for what is no number: it was stored as null.
  isFigure(yardstick.value.number);
