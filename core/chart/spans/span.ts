import { type Day, type Grain, periodStart } from '../../calendar';
import type { Said } from '../../sentences';
import type { Kind } from '../../registry';

/** What a span is reckoned from. */
export interface SpanContext {
  today: Day;
  grain: Grain;
  /** the month that begins a year, 1 to 12 */
  yearStart: number;
  /** the last day of the actuals that has a figure; null or missing before that is known */
  lastActual?: Day | null;
}

/** The first days of the first and last period shown; null: from the first, to the last figure. */
export interface Reach {
  from: Day | null;
  to: Day | null;
}

/** One kind of span: what it is, how it says itself, and which periods it shows. */
export interface SpanKind<Definition extends { kind: string }> extends Kind<Definition> {
  sentence: Said<Definition>;
  reach: (definition: Definition, context: SpanContext) => Reach;
}

/** The first day of the first of so many periods that end with one. */
export function firstOf(count: number, last: Day, grain: Grain): Day {
  let from = last;
  for (let before = 1; before < count; before += 1) from = periodStart(from - 1, grain);
  return from;
}
