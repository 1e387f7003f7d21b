import { ofKind } from '../../sentences';
import { type DefinitionOf, registry } from '../../registry';
import type { Reach, SpanContext, SpanKind } from './span';
import { all } from './listed';

export type { Reach, SpanContext };

/** Which periods a chart shows. */
export type SpanDefinition = DefinitionOf<(typeof all)[number]>;

const { kinds, of: spanKind, schema: spanSchema } = registry<SpanKind<SpanDefinition>>('span', all);
export { spanSchema };

/** The periods that a chart shows, in a sentence. */
export const spanEntry = ofKind<SpanDefinition>(kinds);

/**
 * The first days of the first and last period that a span shows.
 * @param context today, the last finished figure, and the grain in whose periods a span counts
 */
export const reachOf = (span: SpanDefinition, context: SpanContext): Reach =>
  spanKind(span).reach(span, context);
