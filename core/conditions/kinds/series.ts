import { choice, partName, Sentence } from '../../sentences';
import { mixed, object, string } from 'yup';
import { type ConditionKind, never } from '../condition';
import { againstValues, type Side, sides, sideWords } from '../sides';

/** Beside another series. */
export interface SeriesCondition {
  kind: 'series';
  is: Side;
  series: string;
}

export const seriesCondition: ConditionKind<SeriesCondition> = {
  kind: 'series',
  sentence: Sentence.of<SeriesCondition>({ kind: 'series' })
    .words('is ')
    .slot('is', choice(sideWords))
    .words(' ')
    .slot('series', partName('series')),
  schema: () =>
    object({
      kind: mixed<'series'>().oneOf(['series']).required(),
      is: mixed<Side>().oneOf(sides).required(),
      series: string().required().max(40),
    }),
  say: ({ is, series }, names) => `${sideWords[is]} ${names.series(series)}`,
  test: ({ is, series }, context) => {
    const { line } = context;
    const others = context.lines.filter((each) => each.seriesId === series && each.id !== line.id);
    const other = others.find(({ key, split }) => key === line.key || !split);
    return other ? againstValues(context, other.figures, context.exact, is) : never;
  },
};
