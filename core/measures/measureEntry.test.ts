import { beginnings, readText } from '../sentences';
import { filterEntry } from '../frame';
import { measureEntry } from './index';

const names = {
  column: [
    { id: 'Sailed on', name: 'Sailed on', kind: 'date' },
    { id: 'Fare', name: 'Fare', kind: 'number' },
    { id: 'Route', name: 'Route', kind: 'text' },
  ],
  measure: [{ id: 3, name: 'People carried' }],
};
const taken = { kind: 'aggregate', date: 'Sailed on', percent: 50, filters: [] };
const osk = { kind: 'words', column: 'Route', keep: true, words: ['Osk'] };

it.each([
  ['the sum of Fare', { ...taken, aggregate: 'sum', column: 'Fare' }],
  ['the count of rows', { ...taken, aggregate: 'count', column: null }],
  ['the count of different of Route', { ...taken, aggregate: 'distinct', column: 'Route' }],
  [
    'the 90th percentile of Fare, only where Route is Osk',
    { ...taken, aggregate: 'percentile', percent: 90, column: 'Fare', filters: [osk] },
  ],
  [
    'the mean of Fare, dated by "Paid on"',
    { ...taken, aggregate: 'mean', column: 'Fare', date: 'Paid on' },
  ],
  [
    'worked out as (Fares / "People carried")',
    { kind: 'formula', text: 'Fares / "People carried"' },
  ],
])('reads the measure “%s”, and writes it again', (text, definition) => {
  const read = readText(measureEntry, text, names);
  expect(read).toEqual({ value: definition });
  expect(measureEntry.print(definition as never, names)).toBe(text);
});

it('begins filters by each column, as its cells are, keeping all', () => {
  const about = { names, level: 0, today: '2026-11-28' };
  expect(beginnings(filterEntry, about).map((each) => filterEntry.print(each, names))).toEqual([
    'Route is any word',
    'Fare is any figure',
    '"Sailed on" is any date',
  ]);
});
