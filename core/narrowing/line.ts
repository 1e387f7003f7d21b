import { mixed, object, string } from 'yup';
import { figure } from '../values';
import type { NarrowingKind, PickerChart } from './narrowing';

/** One line of a split: the other charts show the rows of its word alone. */
export interface LineNarrowing {
  kind: 'line';
  /** the chart in which it was picked */
  chart: number;
  series: string;
  word: string;
}

/**
 * The column that a line is split by; null where its chart draws no line of that word: the series is
 * hidden, the word lies within the rest of a ranking, is left out, or has no figure.
 */
function drawnBy({ chart, draws }: PickerChart, id: string, word: string): string | null {
  const picked = chart.series.find((each) => each.id === id);
  if (!picked || picked.hidden) return null;
  const isDrawn = draws(id).some(({ keys, others }) => word !== others && keys.includes(word));
  return isDrawn ? (picked.split?.column ?? null) : null;
}

export const line: NarrowingKind<LineNarrowing> = {
  kind: 'line',
  asksDrawn: true,
  schema: () =>
    object({
      kind: mixed<'line'>().oneOf(['line']).required(),
      chart: figure().integer().positive().required(),
      series: string().required().max(40),
      word: string().defined().max(500),
    }),
  say: ({ word }) => word || 'blank',
  written: ({ series, word }) => `${series}.${word}`,
  read: (text) => {
    const [, series = '', word = ''] = /^([^.]+)\.(.*)$/s.exec(text) ?? [];
    return series === '' ? null : { series, word };
  },
  narrow: ({ series, word }, { chart, columns }, picker) => {
    const column = drawnBy(picker, series, word);
    // A target of all routes beside one route's actual would tell an untruth: all follow, or none.
    if (!column || columns.length === 0 || !columns.every((names) => names.includes(column)))
      return null;
    const filter = { kind: 'words' as const, column, words: [word], keep: true };
    return { ...chart, filters: [...chart.filters, { filter, rest: 'removed' as const }] };
  },
};
