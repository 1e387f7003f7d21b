import { type ChartDefinition, plainAxes, plainStroke, type SeriesDefinition } from '../core/chart';
import { type MeasureFigures } from '../core/origins';
import { draftRule, draftStandout } from '../core/editing';
import type { MeasureDefinition } from '../core/measures';
import type { DemoChart } from './board';
import { alongCharts } from './along';
import {
  byRoute,
  empty,
  extremes,
  judged,
  sailings,
  seriesOf,
  type SourceIds,
  today,
} from './parts';

const aggregate = (column: string): MeasureDefinition => ({
  kind: 'aggregate',
  date: 'Date',
  aggregate: 'sum',
  column,
  percent: 50,
  filters: [],
});

/** What of the sailings is named once, for any chart. */
export const demoMeasures: readonly { name: string; definition: MeasureDefinition }[] = [
  { name: 'Fares', definition: aggregate('Fare revenue') },
  { name: 'People carried', definition: aggregate('Passengers') },
  { name: 'Fare a head', definition: { kind: 'formula', text: 'Fares / "People carried"' } },
];

const number = (value: number) => ({ kind: 'number', number: value }) as const;

/** What charts of the third board are made from. */
interface Parts {
  series: ReturnType<typeof seriesOf>;
  fares: (more?: Partial<SeriesDefinition>) => SeriesDefinition;
  budget: SeriesDefinition;
}

/** The charts of the third board: standing against the mark, in every way there is. */
export function markCharts(
  sources: SourceIds,
  measures: Readonly<Record<string, number>>,
): DemoChart[] {
  const series = seriesOf(sources);
  const parts: Parts = {
    series,
    fares: (more = {}) => series('fares', 'Fare revenue', 'actual', sailings('Fare revenue'), more),
    budget: series('budget', 'Budget', 'budget', ['Budget', 'Month', 'sum', 'Fare revenue budget']),
  };
  const measure: MeasureFigures = {
    kind: 'measure',
    sourceId: sources.Sailings ?? 0,
    measureId: measures['Fare a head'] ?? 0,
  };
  return [
    { place: { x: 0, y: 0, w: 6, h: 4 }, definition: headline(parts) },
    { place: { x: 6, y: 0, w: 6, h: 4 }, definition: fareAHead(parts, measure) },
    { place: { x: 0, y: 4, w: 12, h: 8 }, definition: fuelLimit(parts) },
    { place: { x: 0, y: 12, w: 6, h: 8 }, definition: pace(parts) },
    {
      place: { x: 6, y: 12, w: 6, h: 8 },
      definition: yearlyChange(parts),
      beside: 'Passengers a day by weekday',
    },
    { place: { x: 0, y: 20, w: 6, h: 8 }, definition: winter(parts, sources['Harbour log']) },
    { place: { x: 6, y: 20, w: 6, h: 8 }, definition: grown(parts) },
    { place: { x: 0, y: 28, w: 6, h: 8 }, definition: corridor(parts) },
    { place: { x: 6, y: 28, w: 6, h: 8 }, definition: fuelPrice(parts) },
    ...alongCharts(series, 36),
  ];
}

const headline = ({ fares, budget }: Parts): ChartDefinition => ({
  ...empty,
  title: 'Fare revenue, {last actual}',
  arrangement: { kind: 'sparkline' },
  series: [fares({ mark: { against: 'budget', good: 'atLeast' } }), budget],
  colourRules: judged('fares'),
});

const fareAHead = ({ series }: Parts, measure: MeasureFigures): ChartDefinition => ({
  ...empty,
  title: 'Fare a head, £',
  arrangement: { kind: 'sparkline' },
  series: [
    series('head', 'Fare a head', 'actual', sailings('Passengers'), {
      figures: measure,
    }),
  ],
});

const fuelLimit = ({ series }: Parts): ChartDefinition => ({
  ...empty,
  title: 'Fuel cost against a limit that you can turn',
  dials: [
    {
      kind: 'number',
      id: 'limit',
      name: 'Fuel limit',
      value: 170_000,
      from: 120_000,
      to: 200_000,
      step: 2000,
    },
    { kind: 'date', id: 'contract', name: 'New contract', value: '2026-04-01' },
  ],
  series: [series('fuel', 'Fuel cost', 'actual', sailings('Fuel cost'))],
  yardsticks: [
    {
      id: 'limit',
      kind: 'line',
      name: 'Limit',
      shading: 'above',
      onAxis: true,
      value: { kind: 'dial', dial: 'limit' },
    },
    {
      id: 'contract',
      kind: 'foundDate',
      name: 'Contract begins',
      offsetDays: 0,
      at: 'dial',
      dial: 'contract',
    },
    { id: 'ends', kind: 'recurring', name: 'Quarter ends', each: 'quarterEnd', weekday: 4 },
  ],
  colourRules: [
    draftRule('steep', 'fuel', { kind: 'change', is: 'up', percent: 10 }, 'ochre'),
    draftRule('over', 'fuel', { kind: 'yardstick', is: 'over', yardstick: 'limit' }, 'brick'),
  ],
  standouts: [draftStandout('jump', 'fuel', { kind: 'change' }), ...extremes('fuel')],
  names: { as: 'legend', yardsticks: true },
});

const pace = ({ fares, budget }: Parts): ChartDefinition => ({
  ...empty,
  title: 'Fares this year, and what is needed',
  span: { kind: 'thisYear' },
  series: [fares({ mark: { against: 'budget', good: 'atLeast', pace: true } }), budget],
  yardsticks: [
    today,
    {
      id: 'last',
      kind: 'foundDate',
      name: 'Last actual',
      at: 'lastActual',
      dial: null,
      offsetDays: 0,
    },
  ],
  colourRules: [
    { ...draftRule('short', 'fares', { kind: 'mark', is: 'off' }, 'brick'), effect: 'fill' },
    { ...draftRule('over', 'fares', { kind: 'mark', is: 'on' }, 'indigo'), effect: 'fill' },
  ],
  standouts: [draftStandout('three', 'fares', { kind: 'largest', count: 3, only: false })],
});

const yearlyChange = ({ series }: Parts): ChartDefinition => ({
  ...empty,
  title: 'Passengers and their yearly change',
  series: [
    series('people', 'Passengers', 'actual', sailings('Passengers')),
    series('change', 'Change', 'other', sailings('Passengers'), {
      valueAxis: 'second',
      derived: { kind: 'change', on: 'yearBefore', as: 'percent' },
      stroke: { ...plainStroke, shape: 'bars', colour: 'sky' },
    }),
  ],
  axes: {
    ...plainAxes,
    second: {
      ...plainAxes.second,
      title: 'change on the year before',
      numbers: { marks: 'comma', decimals: 0, short: false, unit: '%', unitAt: 'after' },
    },
  },
  names: { as: 'legend', yardsticks: false },
});

const winter = ({ series }: Parts, log: number | undefined): ChartDefinition => ({
  ...empty,
  title: 'Punctuality in winter',
  series: [series('time', 'On time', 'actual', sailings('On time %', 'mean'))],
  yardsticks: [
    { id: 'fifths', kind: 'steps', name: 'Fifths', count: 5, series: 'time' },
    {
      id: 'log',
      kind: 'recorded',
      name: 'Harbour log',
      sourceId: log ?? null,
      date: 'Date',
      label: 'What',
    },
    {
      id: 'least',
      kind: 'line',
      name: 'Least',
      shading: 'none',
      onAxis: true,
      value: number(90),
    },
  ],
  colourRules: [
    {
      ...draftRule(
        'storm',
        'time',
        {
          kind: 'several',
          how: 'all',
          of: [
            { kind: 'calendar', part: 'months', values: [11, 12, 1, 2] },
            { kind: 'value', is: 'under', to: number(90) },
          ],
        },
        'brick',
      ),
      name: 'Winter under 90%',
      width: 4,
    },
  ],
  standouts: [
    draftStandout('low', 'time', {
      kind: 'meeting',
      condition: { kind: 'yardstick', is: 'under', yardstick: 'least' },
    }),
  ],
});

const grown = ({ series }: Parts): ChartDefinition => ({
  ...empty,
  title: 'The route that has grown, the others in grey',
  filters: [
    {
      filter: { kind: 'words', column: 'Route', words: ['Fenn to Osk'], keep: true },
      rest: 'grey',
    },
  ],
  series: [
    series('people', 'Passengers', 'actual', sailings('Passengers'), {
      split: byRoute,
      stroke: {
        ...plainStroke,
        points: { at: 'sized', colour: null, sizes: [3, 12] },
      },
    }),
  ],
  standouts: [draftStandout('best', 'people', { kind: 'highest' })].map((each) => ({
    ...each,
    per: 'year' as const,
  })),
});

const corridor = ({ series, fares, budget }: Parts): ChartDefinition => ({
  ...empty,
  title: 'Fares between budget and last year',
  span: { kind: 'thisYear' },
  series: [
    fares({ mark: { against: 'budget', good: 'atLeast' } }),
    budget,
    series('before', 'Year before', 'yearBefore', sailings('Fare revenue'), {
      derived: { kind: 'yearBefore' },
    }),
  ],
  yardsticks: [
    {
      id: 'between',
      kind: 'between',
      name: 'Budget to last year',
      onAxis: true,
      from: { series: 'budget' },
      to: { series: 'before' },
    },
  ],
  colourRules: [
    draftRule('close', 'fares', { kind: 'within', is: 'within', percent: 3 }, 'moss'),
    draftRule('third', 'fares', { kind: 'running', is: 'off', nth: 3 }, 'brick'),
    {
      ...draftRule('grown', 'fares', { kind: 'series', is: 'over', series: 'before' }, 'sky'),
      effect: 'points',
    },
  ],
  standouts: [draftStandout('every', 'fares', { kind: 'every', nth: 3 })].map((each) => ({
    ...each,
    label: ['difference' as const],
  })),
});

const fuelPrice = ({ series }: Parts): ChartDefinition => ({
  ...empty,
  title: 'Fuel cost since the price rose',
  grain: 'week',
  series: [series('fuel', 'Fuel cost', 'actual', sailings('Fuel cost'))],
  yardsticks: [
    { id: 'works', kind: 'dates', name: 'Quay works', from: '2026-02-09', to: '2026-03-20' },
    {
      id: 'dear',
      kind: 'line',
      name: 'Dearest tenth',
      shading: 'none',
      onAxis: true,
      value: { kind: 'percentile', percent: 90, series: 'fuel' },
      look: {
        colour: 'rosewood',
        dash: 'dash',
        width: 1.6,
        front: false,
        label: { text: '{name}: over {value}', at: 'inside' },
      },
    },
  ],
  colourRules: [
    draftRule('since', 'fuel', { kind: 'dates', is: 'from', date: '2026-03-09' }, 'ochre'),
  ],
  standouts: [
    draftStandout('first', 'fuel', { kind: 'first' }),
    draftStandout('last', 'fuel', { kind: 'last' }),
  ],
});
