import { lazy, mixed } from 'yup';
import { type FixedSpan, fixed } from './fixed';
import { type LastSpan, last } from './last';
import { type LastActualSpan, lastActual } from './lastActual';
import type { Reach, SpanContext, SpanKind } from './span';
import { type ThisYearSpan, thisYear } from './thisYear';

/** Which periods a chart shows. */
export type SpanDefinition = FixedSpan | LastSpan | LastActualSpan | ThisYearSpan;
export type { Reach, SpanContext };

const kinds = [fixed, last, lastActual, thisYear] as unknown as readonly SpanKind<SpanDefinition>[];

/** The first days of the first and last period that a span shows. */
export function reachOf(span: SpanDefinition, context: SpanContext): Reach {
  const found = kinds.find(({ kind }) => kind === span.kind) as SpanKind<SpanDefinition>;
  return found.reach(span, context);
}

export const spanSchema = lazy(
  (value: SpanDefinition | undefined) =>
    kinds.find(({ kind }) => kind === value?.kind)?.schema ??
    mixed<SpanDefinition>().test('kind', 'There is no such span.', () => false),
);
