import { between, columnOf, Sentence, storedName } from '../sentences';
import { mixed, object } from 'yup';
import { aggregatedShape, onlyWhere, sayTaken, takenSaid } from '../measures';
import { figure } from '../values';
import type { OriginKind, RowsAsked } from './origin';

/** Figures aggregated from the rows of a source. */
export interface RowsFigures extends RowsAsked {
  kind: 'rows';
}

const inSource = Sentence.of<RowsFigures>()
  .words(' in ')
  .slot('sourceId', storedName('source'))
  .and(onlyWhere)
  .optionBy(
    'date',
    ({ sourceId }, { source = [] }) => source.find(({ id }) => id === sourceId)?.date ?? '',
    between('dated by ', columnOf('date')),
  );

export const rows: OriginKind<RowsFigures> = {
  kind: 'rows',
  name: 'taken from a source',
  sentence: takenSaid<RowsFigures>('rows', inSource),
  schema: () =>
    object({
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
