import { arrangementEntry } from '../arrangements';
import { axisEntry } from '../axis';
import { type Grain, grains } from '../calendar';
import {
  type ChartDefinition,
  type MarkDefinition,
  plainChart,
  plainSeries,
  plainStroke,
  type Role,
  type SeriesDefinition,
  spanEntry,
  type SplitDefinition,
} from '../chart';
import { derivedEntry } from '../derived';
import type { Ranking } from '../frame';
import { gapKinds, type GapTreatment } from '../gaps';
import { monthNames } from '../labels';
import { figuresEntry } from '../origins';
import {
  between,
  choice,
  columnOf,
  type Entry,
  number,
  oneOf,
  orNone,
  partName,
  said,
  Sentence,
  several,
  ways,
  word,
  type Written,
  yesOrNo,
} from '../sentences';
import { newName } from './newName';
import { partOfChart } from './partOfChart';
import { ownPlace, strokeSaid } from './strokes';

const role = choice<Role>({
  actual: 'an actual',
  target: 'a target',
  budget: 'a budget',
  forecast: 'a forecast',
  yearBefore: 'a year before',
  other: 'a line',
});

const top = Sentence.of<NonNullable<SplitDefinition['top']>>()
  .words('only the first ')
  .slot('count', number({ from: 1, to: 40, whole: true }))
  .words(' by ')
  .slot(
    'by',
    choice<Ranking>({ total: 'their totals', last: 'their last figures', change: 'their change' }),
  );

const split = Sentence.of<SplitDefinition>()
  .words('a line for each word of ')
  .slot('column', columnOf('text'))
  .option('order', [], between('in the order ', several(word)))
  .optionBy(
    'coloured',
    ({ order }) => order,
    orNone('coloured in no order', between('coloured in the order ', several(word))),
  )
  .option('colourBy', null, between('coloured by ', columnOf('text')))
  .option('alike', undefined, said(true, 'all in one colour'))
  .option(
    'inInk',
    undefined,
    between('in ink ', orNone('none of them', several(word))) as Entry<string[] | undefined>,
  )
  .option('top', null, top);

const gap = oneOf<GapTreatment>(
  gapKinds.map(({ kind, words }) => [kind, `gaps ${words}`] as const),
);

/** All that is not plain of a series. */
export const seriesOptions = Sentence.of<SeriesDefinition>()
  .option('derived', plainSeries.derived, derivedEntry)
  .option('split', plainSeries.split, split)
  .option('evenly', plainSeries.evenly, said(true, 'divided evenly over shorter periods'))
  .option('gap', plainSeries.gap, gap)
  .option('handover', null, between('handed over to ', partName('series')))
  .option('readings', plainSeries.readings, said(true, 'with its single readings'))
  .option('valueAxis', plainSeries.valueAxis, said('second' as const, 'on the second value axis'))
  .option('fixed', undefined, yesOrNo('whatever the chart filters', 'as the chart filters'))
  .option('hidden', plainSeries.hidden, said(true, 'not drawn'))
  .group('stroke', { ...plainStroke, place: ownPlace }, strokeSaid, false);

/** What a series stands for, where its figures come from, and all that is not plain of it. */
export const seriesSaid = Sentence.of<SeriesDefinition>({ mark: null })
  .slot('role', role, 'Stands for')
  .words(': ')
  .slot('figures', figuresEntry, 'Figures')
  .and(seriesOptions);

/** A series: its name, and what it is. */
export const seriesLine = Sentence.of<SeriesDefinition>()
  .slot('name', newName)
  .words(' is ')
  .and(seriesSaid);

/** What a series that is there already is from now on; silence leaves all else of it as it is. */
export interface SeriesNow {
  series: string;
  said: Partial<SeriesDefinition>;
}

const itsName = partName('series');
const isNow = ' is now ';

export const seriesNow: Written<SeriesNow> = {
  print: ({ series, said: more }, names) =>
    `${itsName.print(series, names)}${isNow}${seriesOptions.printSaid(more, names)}`,
  read: (at, reader) =>
    itsName.read(at, reader).flatMap(({ value: series, to }) => {
      const next = reader.words(to, isNow);
      return next < 0
        ? []
        : seriesOptions
            .readSaid(next, reader)
            .filter((each) => each.to > next)
            .map((each) => ({ value: { series, said: each.value }, to: each.to }));
    }),
};

/** What a series is held against. */
export interface MarkLine extends MarkDefinition {
  series: string;
}

/** The side of a mark that is the good one. */
export const goodSide = choice({ atLeast: 'at least', atMost: 'at most', within: 'within' });

/** What is said of a mark after the name of its series. */
export const markSaid = Sentence.of<MarkDefinition>()
  .slot('good', goodSide, 'Good is')
  .words(' ')
  .slot('against', partOfChart, 'Held against')
  .option('pace', undefined, yesOrNo('with the pace to reach it', 'without the pace to reach it'))
  .option('toDate', undefined, yesOrNo('also to date', 'not to date'));

export const markLine = Sentence.of<MarkLine>()
  .slot('series', partName('series'))
  .words(' is to be ')
  .and(markSaid);

const grain = choice<Grain>(
  Object.fromEntries(grains.map((each) => [each, each])) as Record<Grain, Grain>,
);

/** What the line under the title says: by which periods, from when to when, and how they are arranged. */
export type Head = Pick<
  ChartDefinition,
  'axis' | 'grain' | 'span' | 'yearStart' | 'arrangement' | 'readerGrains'
>;

const shown = Sentence.of<Head>()
  .option('span', plainChart.span, spanEntry)
  .option(
    'yearStart',
    plainChart.yearStart,
    between('years from ', oneOf(monthNames.map((name, at) => [at + 1, name] as const))),
  )
  .option('arrangement', plainChart.arrangement, arrangementEntry)
  .option(
    'readerGrains',
    undefined,
    between('by choice of its readers also by ', orNone('no other', several(grain))),
  );

export const headLine = ways<Head>(
  [
    ({ axis }) => axis.kind === 'periods',
    Sentence.of<Head>({ axis: { kind: 'periods' } })
      .words('by ')
      .slot('grain', grain)
      .and(shown),
  ],
  [
    () => true,
    Sentence.of<Head>()
      .slot('axis', axisEntry)
      .option('grain', 'month', between('counted by ', grain))
      .and(shown),
  ],
);

/** What can be said of the periods of a chart that is there, beside what stays as it is. */
export const headSaid = Sentence.of<Head>({ axis: plainChart.axis, grain: 'month' }).and(shown);

/** By what a chart goes from now on: the periods of a grain, or what else stands along its axis. */
export const headNow = ways<Partial<Head>>(
  [
    ({ axis }) => axis?.kind === 'periods',
    Sentence.of<Partial<Head>>({ axis: { kind: 'periods' } })
      .words('by ')
      .slot('grain', grain as Entry<Grain | undefined>),
  ],
  [
    () => true,
    Sentence.of<Partial<Head>>().slot('axis', axisEntry as Entry<Head['axis'] | undefined>),
  ],
);
