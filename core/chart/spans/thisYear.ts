import { Sentence } from '../../sentences';
import { mixed, object } from 'yup';
import { periodStart, yearOf, yearStartDay } from '../../calendar';
import type { SpanKind } from './span';

/** The calendar or fiscal year that today lies in. */
export interface ThisYearSpan {
  kind: 'thisYear';
}

export const thisYear: SpanKind<ThisYearSpan> = {
  kind: 'thisYear',
  sentence: Sentence.of<ThisYearSpan>({ kind: 'thisYear' }).words('this fiscal year'),
  schema: () => object({ kind: mixed<'thisYear'>().oneOf(['thisYear']).required() }),
  reach: (_, { today, grain, yearStart }) => {
    const year = yearOf(today, yearStart);
    return {
      from: periodStart(yearStartDay(year, yearStart), grain),
      to: periodStart(yearStartDay(year + 1, yearStart) - 1, grain),
    };
  },
};
