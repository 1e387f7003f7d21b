import { type ChartDefinition, plainLook, plainStroke } from '../chart';
import { draftStandout } from '../editing';
import { testChart, testSeries } from '../testing';
import { sayChange } from './index';

const [fares, plan] = [
  testSeries('Fares', { figures: { kind: 'constant', number: 4 } }),
  testSeries('Plan', {
    figures: { kind: 'constant', number: 5 },
    stroke: { ...plainStroke, place: 1 },
  }),
];
const line = { id: 'y', kind: 'line', name: 'Middle', shading: 'none', onAxis: true } as const;
const mean = { kind: 'statistic', statistic: 'mean', series: 'Fares' } as const;
const chart = testChart({
  series: [fares, plan],
  yardsticks: [{ ...line, value: mean }],
  standouts: [draftStandout('h', 'Fares', { kind: 'highest' })],
});

it.each<[string, Partial<ChartDefinition>]>([
  ['now: the title is Other', { title: 'Other' }],
  ['now: by week', { grain: 'week' }],
  [
    'now: by the words of Depot, counted by day',
    { axis: { kind: 'words', column: 'Depot', order: [] }, grain: 'day' },
  ],
  ['by month: now also with its years laid over each other', { arrangement: { kind: 'years' } }],
  ['without Plan is an actual: 5 throughout', { series: [fares] }],
  [
    'added: Rides is an actual: 5 throughout',
    {
      series: [
        fares,
        plan,
        { ...plan, id: 'r', name: 'Rides', stroke: { ...plainStroke, place: 2 } },
      ],
    },
  ],
  [
    'Middle: the mean is now the median',
    { yardsticks: [{ ...line, value: { ...mean, statistic: 'median' } }] },
  ],
  [
    'added: Since is a date, at 3 Jan 2025',
    { dials: [{ id: 'd', kind: 'date', name: 'Since', value: '2025-01-03' }] },
  ],
  ['Fares: now also not drawn', { series: [{ ...fares, hidden: true }, plan] }],
  [
    'Middle: now also shaded beneath, dashed',
    {
      yardsticks: [
        { ...line, value: mean, shading: 'beneath', look: { ...plainLook, dash: 'dash' } },
      ],
    },
  ],
  ['order changed', { series: [plan, fares] }],
  ['without the highest of Fares', { standouts: [] }],
  ['without Plan is an actual: 5 throughout, and 1 more', { series: [fares], title: 'Other' }],
  ['nothing changed', {}],
])('says: %s', (wanted, more) => {
  expect(sayChange(chart, { ...chart, ...more }, {})).toBe(wanted);
});
