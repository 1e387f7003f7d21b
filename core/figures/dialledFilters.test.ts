import type { DialDefinition } from '../dials';
import type { Filter } from '../frame';
import { testChart } from '../testing';
import { dialsAsked, drawnChart, withDialledFilters } from './index';

const dials: DialDefinition[] = [
  { kind: 'choice', id: 'route', name: 'Route', value: 'East', choices: ['', 'East', 'West'] },
  { kind: 'number', id: 'least', name: 'Least', value: 3, from: 0, to: 10, step: 1 },
  { kind: 'date', id: 'since', name: 'Since', value: '2026-03-01' },
];
const words: Filter = { kind: 'words', column: 'Route', words: ['North'], keep: false };
const numbers: Filter = { kind: 'numbers', column: 'Late', from: 1, to: null };
const most: Filter = { ...numbers, from: null, to: 9 };
const dates: Filter = { kind: 'dates', column: 'Day', from: '2025-01-01', to: null };

it.each([
  ['as its author has set it', words, 'route', {}, { ...words, words: ['East'], keep: true }],
  [
    'as a reader has turned it',
    words,
    'route',
    { Route: 'West' },
    { ...words, words: ['West'], keep: true },
  ],
  [
    'at a word that it has not',
    words,
    'route',
    { Route: 'South' },
    { ...words, words: ['East'], keep: true },
  ],
  ['at all words', words, 'route', { Route: '' }, null],
  ['for the lower end', numbers, 'least', { Least: 7 }, { ...numbers, from: 7 }],
  ['for the upper end', most, 'least', { Least: 99 }, { ...most, to: 10 }],
  ['at a date', dates, 'since', { Since: '2026-05-01' }, { ...dates, from: '2026-05-01' }],
  ['that is gone', words, 'elsewhere', {}, words],
])('filters by a dial %s', (_how, filter, dial, turned, wanted) => {
  const chart = testChart({ dials, filters: [{ filter, rest: 'removed', dial }] });
  const [found] = withDialledFilters(chart, turned).filters;
  expect(found?.filter ?? null).toEqual(wanted);
});

it('asks the server for dials that filters are turned by, and tells readers of no column', () => {
  const chart = testChart({
    dials,
    filters: [
      { filter: words, rest: 'removed', dial: 'route' },
      { filter: numbers, rest: 'removed' },
    ],
  });
  expect(dialsAsked(chart)).toEqual(['Route']);
  expect(drawnChart(chart)).toMatchObject({ filtered: 'Late at least 1', dialled: ['route'] });
});
