import type { SeriesDefinition } from '../chart';
import { testChart, testSeries } from '../testing';
import { splitAlong } from './splitAlong';

const split = { column: 'Route', order: ['Osk'], coloured: ['Osk'], colourBy: 'Coast', top: null };
const mark = { against: 'Budget', good: 'atLeast' } as const;
const has = [{ id: 1, columns: [{ id: 'Route' }, { id: 'Coast' }] }];

const budgetOf = (fares: Partial<SeriesDefinition>, budget = {}, sources = has) =>
  splitAlong(
    testChart({
      series: [testSeries('Fares', fares), testSeries('Budget', { role: 'budget', ...budget })],
    }),
    'Fares',
    sources,
  ).series[1]?.split ?? null;

it.each<[string, object | null, Parameters<typeof budgetOf>]>([
  [
    'along, in the same order',
    { column: 'Route', order: ['Osk'], coloured: ['Osk'], colourBy: null, top: null },
    [{ split, mark }],
  ],
  ['not without the column', null, [{ split, mark }, {}, [{ id: 1, columns: [{ id: 'Day' }] }]]],
  ['not without a mark', null, [{ split }]],
  ['not with a ranking', null, [{ split: { ...split, top: { count: 3, by: 'total' } }, mark }]],
  [
    'not anew',
    { ...split, column: 'Boat' },
    [{ split, mark }, { split: { ...split, column: 'Boat' } }],
  ],
])('splits what a series is held against %s', (_, wanted, given) => {
  expect(budgetOf(...given)).toEqual(wanted);
});
