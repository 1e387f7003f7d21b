import {
  between,
  counted,
  ordinal,
  partName,
  said,
  type Said,
  Sentence,
  signed,
  ways,
} from '../../sentences';
import { boolean, lazy, mixed, object, string } from 'yup';
import { writeOrdinal } from '../../labels';
import { figure } from '../../values';
import { firstSeries, nothingFound, type YardstickKind } from './kind';

/** An end of a band, found anew in each period from the single readings within it. */
export type ReadingsEnd =
  { kind: 'percentile'; percent: number } | { kind: 'deviation'; times: number };

/**
 * A band over the single readings of each period: from the lowest to the highest, between two
 * percentiles, so many standard deviations about their mean. It stands in a chart as a band between
 * two series that are not drawn (`core/figures/readingsBands.ts`).
 */
export interface ReadingsDefinition {
  id: string;
  kind: 'readings';
  name: string;
  /** the series whose readings they are */
  series: string;
  from: ReadingsEnd;
  to: ReadingsEnd;
  onAxis: boolean;
}

const ends = {
  percentile: object({
    kind: mixed<'percentile'>().oneOf(['percentile']).required(),
    percent: figure().min(0).max(100).required(),
  }),
  deviation: object({
    kind: mixed<'deviation'>().oneOf(['deviation']).required(),
    times: figure().min(-10).max(10).required(),
  }),
};

const end = lazy(({ kind }: ReadingsEnd = { kind: 'percentile', percent: 50 }) =>
  kind === 'deviation' ? ends.deviation : ends.percentile,
);

const deviations = counted('deviation', { from: 0, to: 10, whole: false, first: 1 });

const endEntry = ways<ReadingsEnd>(
  [
    ({ kind }) => kind === 'percentile',
    Sentence.of<ReadingsEnd & { kind: 'percentile' }>({ kind: 'percentile' })
      .words('their ')
      .slot('percent', ordinal(writeOrdinal, { from: 0, to: 100, first: 90 }))
      .words(' percentile') as unknown as Said<ReadingsEnd>,
  ],
  [
    () => true,
    Sentence.of<ReadingsEnd & { kind: 'deviation' }>({ kind: 'deviation' })
      .words('their mean')
      .slot(
        'times',
        signed(between(' less ', deviations), between(' plus ', deviations)),
      ) as unknown as Said<ReadingsEnd>,
  ],
);

/** An end of the band in words, as in "the 90th percentile" or "the highest". */
export function sayReadingsEnd(which: ReadingsEnd): string {
  if (which.kind === 'percentile') {
    const named = new Map([
      [0, 'the lowest'],
      [50, 'the median'],
      [100, 'the highest'],
    ]);
    return named.get(which.percent) ?? `the ${writeOrdinal(which.percent)} percentile`;
  }
  const { times } = which;
  if (times === 0) return 'the mean';
  const many = Math.abs(times);
  return `${many} standard deviation${many === 1 ? '' : 's'} ${times < 0 ? 'under' : 'over'} the mean`;
}

export const readings: YardstickKind<ReadingsDefinition> = {
  kind: 'readings',
  drawnAs: 'band',
  sentence: Sentence.of<ReadingsDefinition>({ kind: 'readings' })
    .words('a band over the readings of ')
    .slot('series', partName('series'))
    .words(' from ')
    .slot('from', endEntry)
    .words(' to ')
    .slot('to', endEntry)
    .option('onAxis', true, said(false, 'off the value axis')),
  schema: () =>
    object({
      id: string().required().max(40),
      kind: mixed<'readings'>().oneOf(['readings']).required(),
      name: string().required().trim().min(1).max(120),
      series: string().required().max(40),
      from: end,
      to: end,
      onAxis: boolean().required(),
    }),
  named: ({ from, to }) => {
    if (from.kind === 'deviation' || to.kind === 'deviation') return 'Usual readings';
    const isAll = Math.abs(from.percent - to.percent) === 100;
    return isAll ? 'All readings' : 'Most readings';
  },
  heldAs: 'band',
  drafts: (about) => [
    {
      kind: 'readings',
      series: firstSeries(about),
      onAxis: true,
      from: { kind: 'percentile', percent: 10 },
      to: { kind: 'percentile', percent: 90 },
    },
  ],
  find: () => ({ ...nothingFound, scope: 'of nothing: these figures are not taken from rows' }),
};
