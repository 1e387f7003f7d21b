import type { SeriesDefinition } from '../../../core/chart';
import type { Aggregate } from '../../../core/frame';

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
};

/** How a series comes by its figures, as said after its name. */
export function sayFigures({ figures }: SeriesDefinition): string {
  if (figures.kind === 'formula') return `worked out as ${figures.text || 'nothing yet'}`;
  if (figures.kind === 'constant') return `${figures.number} throughout`;
  return figures.aggregate === 'percentile'
    ? `the ${figures.percent}th percentile`
    : taken[figures.aggregate];
}
