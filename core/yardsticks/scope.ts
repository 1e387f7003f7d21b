import { boolean, mixed, object } from 'yup';
import { yearOf } from '../calendar';
import { figure } from '../values';
import { between, counted, named, oneOf, said, Sentence, ways, yesOrNo } from '../sentences';
import type { YardstickContext } from './context';

export const scopePeriods = ['shown', 'last', 'thisYear', 'all'] as const;

/** Over which finished figures a statistic is found. */
export interface Scope {
  /**
   * all periods shown, the last few that have a figure, those of the fiscal year of today, or all there
   * are, shown or not
   */
  periods: (typeof scopePeriods)[number];
  /** how many are the last few */
  count: number;
  /** of the lines of each panel, or of all panels together */
  per: 'panel' | 'chart';
  /** as the author filters the chart, whatever readers filter for themselves; missing: as shown */
  unfiltered?: boolean;
}

/** A statistic is over what its panel shows, unless told otherwise. */
export const plainScope: Scope = { periods: 'shown', count: 12, per: 'panel' };

/** The scope of an edge that has one; missing: the plain one. */
export const scopeShape = {
  scope: object({
    periods: mixed<Scope['periods']>().oneOf(scopePeriods).required(),
    count: figure().integer().min(1).max(4000).required(),
    per: mixed<Scope['per']>().oneOf(['panel', 'chart']).required(),
    unfiltered: boolean(),
  })
    .default(undefined)
    .optional(),
};

/** What a scope says beside its periods. */
const apart = Sentence.of<Scope>()
  .option('per', 'panel', said('chart' as const, 'all panels together'))
  .option('unfiltered', undefined, yesOrNo('whatever readers filter', 'as readers filter'));

const scopeEntry = named(
  'over',
  ways<Scope>(
    [
      ({ periods }) => periods === 'last',
      Sentence.of<Scope>({ periods: 'last' })
        .slot('count', between('over the last ', counted('finished period', { from: 1, to: 4000 })))
        .and(apart),
    ],
    [
      () => true,
      Sentence.of<Scope>({ count: plainScope.count })
        .slot(
          'periods',
          oneOf<Scope['periods']>([
            ['shown', 'over the periods shown'],
            ['all', 'over all periods'],
            ['thisYear', 'over this fiscal year'],
          ]),
        )
        .and(apart),
    ],
  ),
);

/** A sentence of what is found from figures, with over which of them as its option. */
export const withScope = <Definition extends { scope?: Scope }>(
  sentence: Sentence<Definition>,
): Sentence<Definition> => sentence.option('scope', undefined, scopeEntry, ' ');

/** The finished figures of a series within a scope, all its lines together. */
export function finishedWithin(context: YardstickContext, series: string, scope: Scope): number[] {
  const { periods } = scope;
  const lines = scope.per === 'chart' ? (context.allLines ?? context.lines) : context.lines;
  const own = lines.filter(({ seriesId }) => seriesId === series);
  const counts = placesWithin(context, own, scope);
  const finished: number[] = [];
  for (const { figures, open } of own)
    for (let place = 0; place < figures.length; place += 1) {
      const figure = figures[place] ?? null;
      if (figure !== null && !open[place] && (!counts || counts[place])) finished.push(figure);
    }
  return periods === 'all' ? [...finished, ...unshownOf(own)] : finished;
}

/** The finished figures that are not shown, of each word once: laid-over years share them. */
function unshownOf(own: readonly Pick<YardstickContext['lines'][number], 'key' | 'unshown'>[]) {
  const byKey = new Map(own.map(({ key, unshown = [] }) => [key, unshown]));
  return [...byKey.values()].flatMap((unshown) => unshown.map(({ figure }) => figure));
}

/** Which positions count within a scope; null for all of them. */
export function placesWithin(
  { positions, today, yearStart }: Pick<YardstickContext, 'positions' | 'today' | 'yearStart'>,
  own: readonly Pick<YardstickContext['lines'][number], 'figures' | 'open'>[],
  { periods, count }: Scope,
): boolean[] | null {
  if (periods === 'shown' || periods === 'all') return null;
  if (periods === 'thisYear') {
    const year = yearOf(today, yearStart);
    return positions.map(({ start }) => yearOf(start, yearStart) === year);
  }
  const measured = positions.map((_, place) =>
    own.some(({ figures, open }) => !open[place] && (figures[place] ?? null) !== null),
  );
  let left = count;
  return measured.reduceRight<boolean[]>((kept, is) => {
    kept.unshift(is && left > 0);
    if (is) left -= 1;
    return kept;
  }, []);
}

/** A scope in words, with how many figures it holds, as in "over 22 finished figures shown". */
export function sayPeriods({ periods, count, per, unfiltered }: Scope, found: number): string {
  const figures = `${found} finished figure${found === 1 ? '' : 's'}`;
  const over = {
    shown: `over ${figures} shown`,
    last: `over ${figures} of the last ${count === 1 ? 'period' : `${count} periods`}`,
    thisYear: `over ${figures} of this fiscal year`,
    all: `over all ${figures}, shown or not`,
  }[periods];
  return [over, ...sayApart(per, unfiltered)].join(', ');
}

/** A scope in words, without how many figures it holds; empty for the plain one. */
export function sayScopeAlone({ periods, count, per, unfiltered }: Scope): string {
  const over = {
    shown: [],
    last: [`of the last ${count === 1 ? 'period' : `${count} periods`}`],
    thisYear: ['of this fiscal year'],
    all: ['of all periods, shown or not'],
  }[periods];
  return [...over, ...sayApart(per, unfiltered)].join(', ');
}

const sayApart = (per: Scope['per'], unfiltered: boolean | undefined): string[] => [
  ...(per === 'chart' ? ['all panels together'] : []),
  ...(unfiltered ? ['whatever readers filter'] : []),
];
