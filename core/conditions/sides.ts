import { difference, type Figures } from '../values';
import type { ConditionContext, Test } from './condition';

export const sides = ['atLeast', 'over', 'atMost', 'under'] as const;

/** On which side of a value, with the value itself or without it. */
export type Side = (typeof sides)[number];

export const sideWords: Record<Side, string> = {
  atLeast: 'at least',
  over: 'over',
  atMost: 'at most',
  under: 'under',
};

const holds: Record<Side, (distance: number) => boolean> = {
  atLeast: (distance) => distance >= 0,
  over: (distance) => distance > 0,
  atMost: (distance) => distance <= 0,
  under: (distance) => distance < 0,
};

/**
 * Holds a line against values, one a position: exactly on one counts as the side says at the figure,
 * and strokes change where they cross.
 * @param exact the values come from no division
 */
export function againstValues(
  { line, exact: own }: Pick<ConditionContext, 'line' | 'exact'>,
  values: Figures,
  exact: boolean,
  side: Side,
): Test {
  const distances = line.figures.map((figure, place) => {
    const value = values[place] ?? null;
    return figure === null || value === null ? null : difference(figure, value, exact && own);
  });
  return {
    thresholds: [distances],
    edges: false,
    at: (place) => {
      const distance = distances[place] ?? null;
      return distance === null ? null : holds[side](distance);
    },
    onStroke: (_, [distance = NaN]) => (Number.isNaN(distance) ? null : holds[side](distance)),
  };
}
