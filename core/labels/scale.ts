import type { FigureFormat } from './figures';

/** The value axis: its ends, which fall on half steps, and the distance between its labels. */
export interface ValueAxis {
  from: number;
  to: number;
  step: number;
}

/** An axis that would waste more than this share below the data need not start at zero. */
const wastedShare = 0.45;

/** What is asked of a value axis. */
export interface AxisWish {
  /** about how many labels are wanted */
  steps?: number;
  /** at zero always, at the least figure always, or at zero where that wastes little */
  starts?: 'suited' | 'zero' | 'data';
  /** ends that stay, whatever the figures; null or missing: from the figures */
  from?: number | null;
  to?: number | null;
}

/**
 * Finds a round value axis that holds all figures, but for ends that are fixed.
 * @param lowest the smallest figure to be shown
 * @param highest the largest
 */
export function valueAxis(lowest: number, highest: number, wish: AxisWish = {}): ValueAxis {
  const { from = null, to = null } = wish;
  const suited = suitedAxis(from ?? lowest, to ?? highest, wish);
  const fixed = { ...suited, from: from ?? suited.from, to: to ?? suited.to };
  if (fixed.from >= fixed.to) return suited;
  const step = roundStep((fixed.to - fixed.from) / (wish.steps ?? 6));
  return from === null && to === null ? suited : { ...fixed, step };
}

function suitedAxis(
  lowest: number,
  highest: number,
  { steps = 6, starts = 'suited' }: AxisWish,
): ValueAxis {
  let low = Math.min(lowest, highest);
  let high = Math.max(lowest, highest);
  const size = Math.max(Math.abs(low), Math.abs(high));
  if (high - low <= size * 1e-9 || size < 1e-12) {
    const room = size < 1e-12 ? 1 : size / 2;
    low -= room;
    high += room;
  }
  const wasted = { suited: wastedShare, zero: 1, data: 0 }[starts];
  if (low >= 0 && low <= high * wasted) low = 0;
  if (high <= 0 && high >= low * wasted) high = 0;
  const step = roundStep((high - low) / steps);
  // A line on the very edge would be cut; zero is an edge of its own. Half a step is enough room.
  const edge = 0.12 * step;
  const half = step / 2;
  const from = Math.floor((low - (low === 0 ? 0 : edge)) / half + 1e-9) * half;
  const to = Math.ceil((high + (high === 0 ? 0 : edge)) / half - 1e-9) * half;
  return { from: tidy(from), to: tidy(to), step };
}

/**
 * The values at which the axis is labelled.
 * @returns from the lowest up, both ends among them
 */
export function axisValues({ from, to, step }: ValueAxis): number[] {
  const first = Math.ceil(from / step - 1e-9);
  const last = Math.floor(to / step + 1e-9);
  return Array.from({ length: last - first + 1 }, (_, place) => tidy((first + place) * step));
}

/** The smallest of 1, 2, 2.5, 5 and 10 times a power of ten that is not below the wanted step. */
function roundStep(wanted: number): number {
  const power = 10 ** Math.floor(Math.log10(wanted));
  const factor = [1, 2, 2.5, 5, 10].find((each) => each * power >= wanted * (1 - 1e-9)) ?? 10;
  return tidy(factor * power);
}

/**
 * Values on the axis need only the decimals that its step has.
 * @param axis as valueAxis found it
 */
export function axisFormat({ step }: ValueAxis, format: FigureFormat): FigureFormat {
  const shown = step / format.divisor;
  const whole = (digits: number) =>
    Math.abs(shown * 10 ** digits - Math.round(shown * 10 ** digits)) < 1e-6;
  return { ...format, decimals: [0, 1, 2, 3].find(whole) ?? 4 };
}

/** Takes back what binary fractions add to a round decimal. */
const tidy = (value: number) => Number(value.toPrecision(12));
