import type { ObjectSchema } from 'yup';
import type { Day, Grain } from '../../calendar';

/** What a span is reckoned from. */
export interface SpanContext {
  today: Day;
  grain: Grain;
  /** the month that begins a year, 1 to 12 */
  yearStart: number;
}

/** The first days of the first and last period shown; null: from the first, to the last figure. */
export interface Reach {
  from: Day | null;
  to: Day | null;
}

/** One kind of span: what it is, how it says itself, and which periods it shows. */
export interface SpanKind<Definition extends { kind: string }> {
  kind: Definition['kind'];
  schema: ObjectSchema<Definition>;
  reach: (definition: Definition, context: SpanContext) => Reach;
}
