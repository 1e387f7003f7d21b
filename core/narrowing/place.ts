import { mixed, object, string } from 'yup';
import { axisColumn } from '../axis';
import type { Filter } from '../frame';
import { figure } from '../values';
import type { NarrowingKind, PickerChart } from './narrowing';

/** A place along a column: the other charts show the rows of its word or figure alone. */
export interface PlaceNarrowing {
  kind: 'place';
  /** the chart in which it was picked */
  chart: number;
  /** the word, or the figure as it is written in full */
  word: string;
}

/** The rows of a place along the picker's axis; null where dates stand along it, or its years. */
function rowsAt({ chart: { axis } }: PickerChart, word: string): Filter | null {
  const along = axis.kind === 'years' ? null : axisColumn(axis);
  if (!along) return null;
  const { column } = along;
  if (along.of === 'words') return { kind: 'words', column, words: [word], keep: true };
  const at = Number(word);
  return word.trim() === '' || !Number.isFinite(at)
    ? null
    : { kind: 'numbers', column, from: at, to: at };
}

export const place: NarrowingKind<PlaceNarrowing> = {
  kind: 'place',
  schema: () =>
    object({
      kind: mixed<'place'>().oneOf(['place']).required(),
      chart: figure().integer().positive().required(),
      word: string().defined().max(500),
    }),
  say: ({ word }) => word || 'blank',
  written: ({ word }) => word,
  read: (text) => ({ word: text }),
  narrow: ({ word }, { chart, columns }, picker) => {
    const filter = rowsAt(picker, word);
    const names = filter && filter.kind !== 'dates' ? filter.column : '';
    if (!filter || columns.length === 0 || !columns.every((each) => each.includes(names)))
      return null;
    return { ...chart, filters: [...chart.filters, { filter, rest: 'removed' as const }] };
  },
};
