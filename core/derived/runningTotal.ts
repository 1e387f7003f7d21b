import { choice, Sentence } from '../sentences';
import { mixed, object } from 'yup';
import { yearOf } from '../calendar';
import { runningSum } from '../values';
import type { DerivedKind } from './derived';

/** The sum so far: over all there is, or anew with each year. */
export interface RunningTotal {
  kind: 'runningTotal';
  anew: 'never' | 'eachYear';
}

export const runningTotal: DerivedKind<RunningTotal> = {
  kind: 'runningTotal',
  sentence: Sentence.of<RunningTotal>({ kind: 'runningTotal' }).slot(
    'anew',
    choice({ never: 'as a running total', eachYear: 'as a running total of each year' }),
  ),
  schema: () =>
    object({
      kind: mixed<'runningTotal'>().oneOf(['runningTotal']).required(),
      anew: mixed<'never' | 'eachYear'>().oneOf(['never', 'eachYear']).required(),
    }),
  say: ({ anew }) => (anew === 'never' ? 'running total' : 'running total of the year'),
  derive: ({ periods, yearStart, lines, exact }, { anew }) => {
    const years = periods.map((start) => (anew === 'never' ? 0 : yearOf(start, yearStart)));
    // A run for each year: a missing period neither adds nor begins anew.
    const runs = [...new Set(years)].map((year) => ({
      from: years.indexOf(year),
      to: years.lastIndexOf(year) + 1,
    }));
    return {
      lines: lines.map((figures) =>
        runs.flatMap(({ from, to }) => runningSum(figures.slice(from, to), exact)),
      ),
      exact,
      additive: false,
    };
  },
};
