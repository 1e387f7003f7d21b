import {
  between,
  column,
  columnOf,
  nullable,
  oneOf,
  ordinal,
  Sentence,
  several,
  storedName,
  ways,
} from '../sentences';
import { mixed, object } from 'yup';
import { aggregatedShape, sayTaken } from '../measures';
import { aggregateKinds, filterEntry } from '../frame';
import { writeOrdinal } from '../labels';
import { figure } from '../values';
import type { OriginKind, RowsAsked } from './origin';

/** Figures aggregated from the rows of a source. */
export interface RowsFigures extends RowsAsked {
  kind: 'rows';
}

const counts = nullable('rows', column);

const inSource = Sentence.of<RowsFigures>()
  .words(' in ')
  .slot('sourceId', storedName('source'))
  .option('filters', [], between('only where ', several(filterEntry)))
  .optionBy(
    'date',
    ({ sourceId }, { source = [] }) => source.find(({ id }) => id === sourceId)?.date ?? '',
    between('dated by ', columnOf('date')),
  );

export const rows: OriginKind<RowsFigures> = {
  kind: 'rows',
  name: 'taken from a source',
  sentence: ways<RowsFigures>(
    [
      ({ aggregate }) => aggregate === 'percentile',
      Sentence.of<RowsFigures>({ kind: 'rows', aggregate: 'percentile' })
        .words('the ')
        .slot('percent', ordinal(writeOrdinal, { from: 0, to: 100 }))
        .words(' percentile of ')
        .slot('column', counts)
        .and(inSource),
    ],
    [
      () => true,
      Sentence.of<RowsFigures>({ kind: 'rows', percent: 50 })
        .words('the ')
        .slot(
          'aggregate',
          oneOf(
            aggregateKinds.flatMap(({ name, percent, noun }) =>
              percent ? [] : [[name, noun] as const],
            ),
          ),
        )
        .words(' of ')
        .slot('column', counts)
        .and(inSource),
    ],
  ),
  schema: object({
    kind: mixed<'rows'>().oneOf(['rows']).required(),
    sourceId: figure().integer().positive().required(),
    ...aggregatedShape,
  }),
  draft: ({ rows: drafted }) => drafted && { ...drafted, kind: 'rows' },
  say: sayTaken,
  names: ({ column }) => column ?? 'Rows',
  rows: ({ kind: _, ...asked }) => asked,
  movedTo: (figures, { sourceId }) => ({ ...figures, sourceId }),
  find: ({ kind: _, ...asked }, { aggregated }) => aggregated(asked),
};
