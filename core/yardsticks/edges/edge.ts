import type { Said } from '../../sentences';
import type { Kind } from '../../registry';
import type { YardstickContext } from '../context';

/** A value that an edge has found. */
export interface FoundEdge {
  /** null when there is nothing to find it from */
  value: number | null;
  /** it comes from no division */
  exact: boolean;
}

/** What the dials of a chart are called. */
export type EdgeNames = (dial: string) => string;

/** One kind of value on an axis: a number, a statistic, a distance from the mean. */
export interface EdgeKind<Definition extends { kind: string }> extends Kind<Definition> {
  /** its words, before "of Fare revenue" */
  say: (definition: Definition, names: EdgeNames) => string;
  /** by which definition, where there are several: after its words; left out: there is one */
  by?: (definition: Definition) => string;
  sentence: Said<Definition>;
  find: (definition: Definition, context: YardstickContext) => FoundEdge;
}
