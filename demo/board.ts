import { type Day, formatDay } from '../core/calendar';
import { draftStandout } from '../core/editing';
import type { ChartDefinition } from '../core/chart';
import { story } from './ferries';
import { empty, extremes, judged, seriesOf, type SourceIds, today } from './parts';

/** A chart of the demo's dashboard, and where it lies. */
export interface DemoChart {
  definition: ChartDefinition;
  place: { x: number; y: number; w: number; h: number };
  /** the title of the chart of its dashboard that stands beside what is pointed at in it */
  beside?: string;
}

/** The charts of the monthly board. */
export function boardCharts(sources: SourceIds): DemoChart[] {
  const series = seriesOf(sources);
  return [
    {
      place: { x: 0, y: 0, w: 6, h: 7 },
      definition: {
        ...empty,
        title: 'Fares against budget',
        series: [
          series('fares', 'Fare revenue', 'actual', ['Sailings', 'Date', 'sum', 'Fare revenue'], {
            mark: { against: 'budget', good: 'atLeast' },
            handover: 'forecast',
          }),
          series('budget', 'Budget', 'budget', ['Budget', 'Month', 'sum', 'Fare revenue budget']),
          series('forecast', 'Forecast', 'forecast', [
            'Forecast',
            'Month',
            'sum',
            'Fare revenue forecast',
          ]),
        ],
        yardsticks: [today],
        colourRules: judged('fares'),
        standouts: extremes('fares'),
        linking: { linked: true, narrows: true },
        replay: { offered: true, words: '{count} months, {value} in the last', stands: false },
      },
    },
    {
      place: { x: 6, y: 0, w: 6, h: 7 },
      definition: {
        ...empty,
        title: 'Passengers by route',
        grain: 'week',
        readerGrains: ['day', 'month'],
        linking: { linked: true, narrows: true },
        series: [
          series('passengers', 'Passengers', 'actual', ['Sailings', 'Date', 'sum', 'Passengers'], {
            split: {
              column: 'Route',
              order: ['Fenn to Osk', 'Harbour to Fenn', 'Tarrow to Quill', 'Quill to Skerrow'],
              coloured: [],
              colourBy: null,
              top: null,
            },
          }),
        ],
        yardsticks: [],
        colourRules: [],
        standouts: [],
      },
    },
    {
      place: { x: 0, y: 7, w: 6, h: 7 },
      definition: {
        ...empty,
        title: 'Punctuality against target',
        series: [
          series('on-time', 'On time', 'actual', ['Sailings', 'Date', 'mean', 'On time %'], {
            mark: { against: 'target', good: 'atLeast' },
          }),
          series('target', 'Target', 'target', [
            'Punctuality targets',
            'Quarter',
            'mean',
            'Target %',
          ]),
        ],
        yardsticks: [],
        colourRules: judged('on-time'),
        standouts: extremes('on-time'),
      },
    },
    {
      place: { x: 6, y: 7, w: 6, h: 7 },
      definition: {
        ...empty,
        title: 'Fuel cost against budget',
        series: [
          series('fuel', 'Fuel cost', 'actual', ['Sailings', 'Date', 'sum', 'Fuel cost'], {
            mark: { against: 'budget', good: 'atMost', toDate: true },
          }),
          series('budget', 'Budget', 'budget', ['Budget', 'Month', 'sum', 'Fuel cost budget']),
        ],
        yardsticks: [today],
        colourRules: judged('fuel'),
        standouts: [draftStandout('fuel-high', 'fuel', { kind: 'highest' })],
      },
    },
    {
      place: { x: 0, y: 14, w: 12, h: 7 },
      definition: {
        ...empty,
        title: 'Passenger rating, where it was asked',
        series: [
          series('rating', 'Rating', 'actual', ['Passenger survey', 'Asked on', 'mean', 'Rating'], {
            mark: { against: 'usual', good: 'atLeast' },
          }),
        ],
        yardsticks: [
          {
            id: 'usual',
            kind: 'line',
            name: 'Median',
            value: { kind: 'statistic', statistic: 'median', series: 'rating' },
            shading: 'none',
            onAxis: true,
          },
        ],
        colourRules: judged('rating'),
        standouts: [],
      },
    },
  ];
}

/** The notes of the monthly board, in the order they were written. */
export function boardNotes(asOf: Day) {
  const { storms, quayClosed, fuelJump } = story(asOf);
  return [
    {
      chart: 'Fares against budget',
      day: formatDay((storms[0] as [Day, Day])[0]),
      until: formatDay((storms[0] as [Day, Day])[1]),
      series: 'fares',
      text: 'Storm week: most sailings were lost, and with them the fares.',
      colour: 'moss',
    },
    {
      chart: 'Fuel cost against budget',
      day: formatDay(fuelJump),
      until: null,
      series: 'fuel',
      text: 'Fuel price up 18% overnight. The contract renews in April.',
      colour: 'ochre',
    },
    {
      chart: 'Passengers by route',
      day: formatDay(quayClosed[0]),
      until: formatDay(quayClosed[1]),
      series: null,
      text: 'Osk quay closed for works. Passengers moved to the *Harbour boat*.',
      colour: 'plum',
    },
  ].filter(({ day }) => day <= formatDay(asOf));
}
