import type { AggregateKind } from './aggregateKind';
import { count } from './count';
import { deviation } from './deviation';
import { distinct } from './distinct';
import { first } from './first';
import { highest } from './highest';
import { last } from './last';
import { lowest } from './lowest';
import { mean } from './mean';
import { median } from './median';
import { percentile } from './percentile';
import { sum } from './sum';

/** How rows are aggregated, in the order in which it is offered. */
const all = [
  sum,
  mean,
  median,
  lowest,
  highest,
  count,
  distinct,
  first,
  last,
  percentile,
  deviation,
] as const;

export type Aggregate = (typeof all)[number]['name'];

export const aggregateKinds: readonly AggregateKind<Aggregate>[] = all;

export const aggregates: readonly Aggregate[] = all.map(({ name }) => name);

const byName = new Map<Aggregate, AggregateKind<Aggregate>>(all.map((kind) => [kind.name, kind]));

/**
 * The kind of an aggregate.
 * @throws Error when there is none: what comes from outside is held against the schema before
 */
export function aggregateKind(name: Aggregate): AggregateKind<Aggregate> {
  const found = byName.get(name);
  if (!found) throw new Error(`There is no aggregate ${name}.`);
  return found;
}
