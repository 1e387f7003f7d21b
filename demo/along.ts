import { type ChartDefinition, plainLook, plainStroke } from '../core/chart';
import type { DemoChart } from './board';
import { weekdayNames } from './ferries';
import { byRoute, empty, extremes, sailings, type seriesOf } from './parts';

type Series = ReturnType<typeof seriesOf>;

/** Charts along recorded dates, words and figures, and one over single readings. */
export const alongCharts = (series: Series, y: number): DemoChart[] => [
  { place: { x: 0, y, w: 6, h: 7 }, definition: asAsked(series) },
  { place: { x: 6, y, w: 6, h: 7 }, definition: singleDays(series) },
  { place: { x: 0, y: y + 7, w: 6, h: 7 }, definition: weekdays(series) },
  { place: { x: 6, y: y + 7, w: 6, h: 7 }, definition: bySailings(series) },
];

const asAsked = (series: Series): ChartDefinition => ({
  ...empty,
  title: 'Passenger rating on the days it was asked',
  axis: { kind: 'recorded' },
  series: [
    series('rating', 'Rating', 'actual', ['Passenger survey', 'Asked on', 'mean', 'Rating'], {
      stroke: { ...plainStroke, points: { at: 'all', colour: null, sizes: [5, 5] } },
    }),
  ],
  standouts: extremes('rating'),
});

const singleDays = (series: Series): ChartDefinition => ({
  ...empty,
  title: 'Punctuality by week, over single days',
  grain: 'week',
  span: { kind: 'last', count: 52 },
  series: [
    series('time', 'On time', 'actual', sailings('On time %', 'mean'), {
      readings: true,
      stroke: { ...plainStroke, shape: 'smooth', colour: 'indigo', gradient: 'value' },
    }),
  ],
  yardsticks: [
    {
      id: 'most',
      kind: 'readings',
      name: 'Four days of five',
      series: 'time',
      from: { kind: 'percentile', percent: 10 },
      to: { kind: 'percentile', percent: 90 },
      onAxis: false,
    },
  ],
});

const weekdays = (series: Series): ChartDefinition => ({
  ...empty,
  title: 'Passengers a day by weekday',
  axis: { kind: 'words', column: 'Weekday', order: weekdayNames },
  dials: [{ kind: 'choice', id: 'day', name: 'Day', value: 'Fri', choices: [...weekdayNames] }],
  series: [
    series('people', 'Passengers', 'actual', sailings('Passengers', 'mean'), {
      split: { ...byRoute, colourBy: 'Waters' },
    }),
  ],
  yardsticks: [
    {
      id: 'weekend',
      kind: 'place',
      name: 'Weekend',
      at: 'Sat',
      look: { ...plainLook, colour: 'grey', width: 0.5 },
    },
    {
      id: 'day',
      kind: 'dialPlace',
      name: 'Chosen',
      dial: 'day',
      look: { ...plainLook, dash: 'dot', label: { text: '{date}', at: 'end' } },
    },
  ],
});

const bySailings = (series: Series): ChartDefinition => ({
  ...empty,
  title: 'Minutes late by how many sailings ran',
  dials: [
    { kind: 'choice', id: 'route', name: 'Route', value: '', choices: ['', ...byRoute.order] },
  ],
  filters: [
    {
      filter: { kind: 'words', column: 'Route', words: [], keep: false },
      rest: 'removed',
      dial: 'route',
    },
  ],
  axis: { kind: 'numbers', column: 'Sailings' },
  series: [
    series('late', 'Minutes late a day', 'actual', sailings('Minutes late', 'mean'), {
      stroke: { ...plainStroke, points: { at: 'all', colour: null, sizes: [5, 5] } },
    }),
  ],
  yardsticks: [
    {
      id: 'usual',
      kind: 'line',
      name: 'Median',
      shading: 'none',
      onAxis: true,
      value: { kind: 'statistic', statistic: 'median', series: 'late' },
    },
    { id: 'worst', kind: 'foundPlace', name: 'Latest', series: 'late', is: 'highest' },
    {
      id: 'better',
      kind: 'firstBeyond',
      name: 'First under 25',
      series: 'late',
      side: 'under',
      level: 25,
    },
  ],
});
