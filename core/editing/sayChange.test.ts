import { testChart, testSeries } from '../testing';
import type { ChartDefinition } from '../chart';
import { draftStandout } from './draft';
import { sayChange } from './sayChange';

const [fares, plan] = [testSeries('Fares'), testSeries('Plan')];
const chart = testChart({
  series: [fares, plan],
  standouts: [draftStandout('h', 'Fares', { kind: 'highest' })],
});

it.each<[string, Partial<ChartDefinition>]>([
  ['title changed', { title: 'Other' }],
  ['period changed', { grain: 'week' }],
  ['arrangement changed', { arrangement: { kind: 'years' } }],
  ['Plan removed', { series: [fares] }],
  ['Rides added', { series: [fares, plan, testSeries('Rides')] }],
  ['Fares changed', { series: [{ ...fares, hidden: true }, plan] }],
  ['order of series changed', { series: [plan, fares] }],
  ['standout h removed', { standouts: [] }],
  ['Plan removed, and 1 more', { series: [fares], title: 'Other' }],
  ['nothing changed', {}],
])('says: %s', (wanted, more) => {
  expect(sayChange(chart, { ...chart, ...more })).toBe(wanted);
});
