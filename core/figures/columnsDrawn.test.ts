import { testChart, testSeries } from '../testing';
import { sourcesAlike } from './columnsDrawn';

const rows = (column: string, sourceId = 1) => ({
  kind: 'rows' as const,
  sourceId,
  date: 'Day',
  aggregate: 'sum' as const,
  column,
  percent: 50,
  filters: [],
});
const source = (id: number, columns: string[], measures: string[] = []) => ({
  id,
  name: `Source ${id}`,
  columns: columns.map((name) => ({ name })),
  measures: measures.map((name, at) => ({ id: id * 10 + at, name })),
});
const split = { column: 'Route', order: [], coloured: [], colourBy: null, top: null };
const chart = testChart({
  series: [
    testSeries('a', { figures: rows('Fares'), split }),
    testSeries('b', { figures: { kind: 'measure', sourceId: 1, measureId: 10 } }),
  ],
});
const own = source(1, ['Day', 'Fares', 'Route', 'Boats'], ['Yield']);

it.each([
  [
    'has every column and measure, in any order',
    source(2, ['Route', 'Day', 'Fares'], ['Yield']),
    true,
  ],
  ['lacks what is drawn', source(2, ['Route', 'Day'], ['Yield']), false],
  ['lacks what lines are split by', source(2, ['Day', 'Fares'], ['Yield']), false],
  ['lacks the date', source(2, ['Route', 'Fares'], ['Yield']), false],
  ['has no measure of that name', source(2, ['Route', 'Day', 'Fares'], ['Other']), false],
])('of a source that %s', (_what, other, alike) => {
  const wanted = alike ? [{ from: 1, to: 2, name: 'Source 2' }] : [];
  expect(sourcesAlike(chart, [own, other])).toEqual(wanted);
});

it('offers nothing in place of a source that is not known', () => {
  expect(sourcesAlike(chart, [source(2, ['Route', 'Day', 'Fares'], ['Yield'])])).toEqual([]);
});
