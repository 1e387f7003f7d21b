import { mixed, object, string } from 'yup';
import { figure } from '../../values';
import { keepsWord } from '../chartFilters';
import type { ChartDefinition } from '../definition';
import type { NarrowingKind } from './narrowing';

/** One line of a split: the other charts show the rows of its word alone. */
export interface LineNarrowing {
  kind: 'line';
  /** the chart in which it was picked */
  chart: number;
  series: string;
  word: string;
}

/** The column that a line is split by; null where its chart draws no line of that word. */
function drawnBy({ series, filters }: ChartDefinition, id: string, word: string): string | null {
  const picked = series.find((each) => each.id === id);
  const column = picked?.split?.column;
  if (!picked || !column) return null;
  const own = 'filters' in picked.figures ? picked.figures.filters : [];
  const shared = filters.flatMap(({ filter, rest }) => (rest === 'removed' ? filter : []));
  const all = [...own, ...shared].filter((filter) => filter.column === column);
  return all.every((filter) => keepsWord(filter, word)) ? column : null;
}

export const line: NarrowingKind<LineNarrowing> = {
  kind: 'line',
  schema: object({
    kind: mixed<'line'>().oneOf(['line']).required(),
    chart: figure().integer().positive().required(),
    series: string().required().max(40),
    word: string().defined().max(500),
  }),
  say: ({ word }) => word || 'blank',
  narrow: ({ series, word }, { chart, columns }, picker) => {
    const column = drawnBy(picker, series, word);
    // A target of all routes beside one route's actual would tell an untruth: all follow, or none.
    if (!column || columns.length === 0 || !columns.every((names) => names.includes(column)))
      return null;
    const filter = { kind: 'words' as const, column, words: [word], keep: true };
    return { ...chart, filters: [...chart.filters, { filter, rest: 'removed' as const }] };
  },
};
