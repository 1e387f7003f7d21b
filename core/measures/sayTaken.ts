import { type Aggregate, filterKind } from '../frame';
import { writeOrdinal } from '../labels';
import type { Aggregated, MeasureDefinition } from './measure';

const taken: Record<Aggregate, string> = {
  sum: 'summed',
  mean: 'the mean',
  median: 'the median',
  min: 'the lowest',
  max: 'the highest',
  count: 'counted',
  distinct: 'counted once each',
  first: 'the first',
  last: 'the last',
  percentile: 'a percentile',
  deviation: 'the standard deviation',
};

/** How figures are taken, as said after their name. */
export const sayTaken = ({
  aggregate,
  percent,
}: Pick<Aggregated, 'aggregate' | 'percent'>): string =>
  aggregate === 'percentile' ? `the ${writeOrdinal(percent)} percentile` : taken[aggregate];

/** What a measure is, in words: "Fare revenue, summed, only Osk" or its formula. */
export function sayMeasure(definition: MeasureDefinition): string {
  if (definition.kind === 'formula') return `= ${definition.text}`;
  const kept = definition.filters.map((filter) => filterKind(filter).say(filter));
  return [definition.column ?? 'rows', sayTaken(definition), ...kept].join(', ');
}
