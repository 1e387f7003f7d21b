import { type SplitDefinition } from '../core/chart';
import type { DemoChart } from './board';
import { empty, extremes, judged, seriesOf, type SourceIds, today } from './parts';

const byRoute: SplitDefinition = {
  column: 'Route',
  order: ['Fenn to Osk', 'Harbour to Fenn', 'Tarrow to Quill', 'Quill to Skerrow'],
  coloured: [],
  colourBy: null,
  top: null,
};

/** The charts of the second board: the same figures, laid out in every way there is. */
export function wayCharts(sources: SourceIds): DemoChart[] {
  const series = seriesOf(sources);
  const passengers = (more = {}) =>
    series('passengers', 'Passengers', 'actual', ['Sailings', 'Date', 'sum', 'Passengers'], more);
  return [
    {
      place: { x: 0, y: 0, w: 12, h: 7 },
      definition: {
        ...empty,
        title: 'Passengers against budget, route by route',
        arrangement: { kind: 'panels', shape: 'row', ownAxes: false },
        series: [
          passengers({ split: byRoute, mark: { against: 'plan', good: 'atLeast' } }),
          series(
            'plan',
            'Budget',
            'budget',
            ['Passenger budget', 'Month', 'sum', 'Passengers budget'],
            { split: byRoute },
          ),
        ],
        yardsticks: [today],
        colourRules: judged('passengers'),
      },
    },
    {
      place: { x: 0, y: 7, w: 6, h: 7 },
      definition: {
        ...empty,
        title: 'Fare revenue, year over year',
        arrangement: { kind: 'years' },
        series: [
          series('fares', 'Fare revenue', 'actual', ['Sailings', 'Date', 'sum', 'Fare revenue']),
        ],
      },
    },
    {
      place: { x: 6, y: 7, w: 6, h: 7 },
      definition: {
        ...empty,
        title: 'Passengers by route, last quarter and the same a year before',
        grain: 'quarter',
        arrangement: { kind: 'slope', between: 'yearBefore', from: null, to: null },
        series: [passengers({ split: byRoute })],
      },
    },
    {
      place: { x: 0, y: 14, w: 6, h: 7 },
      definition: {
        ...empty,
        title: 'Fare a passenger',
        series: [
          series('fares', 'Fares', 'other', ['Sailings', 'Date', 'sum', 'Fare revenue'], {
            hidden: true,
          }),
          passengers({ hidden: true }),
          series('ratio', 'Fare a passenger', 'actual', ['Sailings', 'Date', 'sum', 'Passengers'], {
            figures: { kind: 'formula', text: 'Fares / Passengers' },
          }),
        ],
        yardsticks: [
          {
            id: 'usual',
            kind: 'band',
            name: 'Usual range',
            onAxis: false,
            from: { kind: 'deviation', times: -1, series: 'ratio' },
            to: { kind: 'deviation', times: 1, series: 'ratio' },
          },
        ],
        standouts: extremes('ratio'),
      },
    },
    {
      place: { x: 6, y: 14, w: 6, h: 7 },
      definition: {
        ...empty,
        title: 'Fare revenue so far this year',
        span: { kind: 'thisYear' },
        series: [
          series('fares', 'Fare revenue', 'actual', ['Sailings', 'Date', 'sum', 'Fare revenue'], {
            derived: { kind: 'runningTotal', anew: 'eachYear' },
            mark: { against: 'budget', good: 'atLeast' },
          }),
          series('budget', 'Budget', 'budget', ['Budget', 'Month', 'sum', 'Fare revenue budget'], {
            derived: { kind: 'runningTotal', anew: 'eachYear' },
          }),
        ],
        yardsticks: [today],
        colourRules: judged('fares'),
      },
    },
    {
      place: { x: 0, y: 21, w: 12, h: 13 },
      definition: {
        ...empty,
        title: 'Passengers by week, one route above the other',
        grain: 'week',
        span: { kind: 'last', count: 53 },
        arrangement: { kind: 'panels', shape: 'stack', ownAxes: true },
        series: [passengers({ split: byRoute })],
        yardsticks: [today],
      },
    },
  ];
}
