import { aggregateKind, filterKind } from '../frame';
import type { Aggregated, MeasureDefinition } from './measure';

/** How figures are taken, as said after their name. */
export const sayTaken = ({
  aggregate,
  percent,
}: Pick<Aggregated, 'aggregate' | 'percent'>): string => aggregateKind(aggregate).said(percent);

/** What a measure is, in words: "Fare revenue, summed, only Osk" or its formula. */
export function sayMeasure(definition: MeasureDefinition): string {
  if (definition.kind === 'formula') return `= ${definition.text}`;
  const kept = definition.filters.map((filter) => filterKind(filter).say(filter));
  return [definition.column ?? 'rows', sayTaken(definition), ...kept].join(', ');
}
