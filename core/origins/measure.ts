import { type Entry, nullable, Sentence, storedName } from '../sentences';
import { mixed, object } from 'yup';
import { figure } from '../values';
import type { MeasureAsked, OriginKind } from './origin';

/** A measure of a source, which was named once and says what it is. */
export interface MeasureFigures extends MeasureAsked {
  kind: 'measure';
}

const anyMeasure = storedName('measure');

/** The first that there is, until another is chosen. */
const chosen: Entry<number | null> = {
  ...nullable('not chosen yet', anyMeasure),
  draft: ({ names }) => names.measure?.map(({ id }) => Number(id))[0] ?? null,
  setting: () => anyMeasure.setting(),
};

export const measure: OriginKind<MeasureFigures> = {
  kind: 'measure',
  name: 'a measure that is named',
  sentence: Sentence.of<MeasureFigures>({ kind: 'measure' })
    .words('the measure ')
    .slot('measureId', chosen)
    .words(' in ')
    .slot('sourceId', storedName('source')),
  schema: () =>
    object({
      kind: mixed<'measure'>().oneOf(['measure']).required(),
      sourceId: figure().integer().positive().required(),
      measureId: figure().integer().positive().nullable().defined(),
    }),
  draft: ({ sourceId }) => ({ kind: 'measure', sourceId, measureId: null }),
  say: () => 'a measure of its source',
  measure: ({ kind: _, ...asked }) => asked,
  movedTo: (figures, to) => ({ ...figures, ...to }),
  // What it stands for has been put in its place before, where there is such a measure.
  find: ({ measureId }, { missing }) =>
    measureId === null
      ? missing('measure-gone', 'choose the measure that it draws.')
      : missing('measure-gone', 'its measure is gone. Choose another one.'),
};
