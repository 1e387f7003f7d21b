import type { Colour } from '../../core/chart';
import { offWord, type ReadSeries, sayApart } from '../../core/reading';

/**
 * The colour a series wears at a period.
 * @param line as it was read
 * @param middle the middle day of the period
 */
export function colourAt({ pieces, stroke }: ReadSeries, middle: number): Colour {
  const there = pieces.filter(({ x }) => x.includes(middle));
  const off = there.find(({ judgement }) => judgement === 'off');
  return (off ?? there[0])?.colour ?? stroke.colour;
}

/**
 * How far a compared series is from its mark at a period, in words; null without a comparison.
 * @param line as it was read
 * @param period the place along the axis, from 0
 */
export function sayDifference({ comparison, format }: ReadSeries, period: number): string | null {
  const difference = comparison?.differences[period] ?? null;
  if (!comparison || difference === null) return null;
  return sayApart(difference, comparison, format);
}

/**
 * What being off the mark means there: short of it, or beyond it; empty when it is not.
 * @param line as it was read
 * @param period the place along the axis, from 0
 */
export function sayOff({ comparison }: ReadSeries, period: number): string {
  if (comparison?.judgements[period] !== 'off') return '';
  const words = { under: 'short of', over: 'beyond', outside: 'outside' };
  return `, ${words[offWord(comparison.good)]} the mark`;
}
