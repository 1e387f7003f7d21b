import { testChart, testSeries } from '../../core/testing';
import type { ChartDefinition } from '../../core/chart';
import type { CellValue } from '../../core/table';
import { lookAtEarlier } from './earlier';
import { changedMeanings } from './meanings';

const columns = [
  { name: 'Day', kind: 'date' },
  { name: 'Route', kind: 'text' },
  { name: 'Fares', kind: 'number' },
] as const;
const rows = (...given: CellValue[][]) => ({
  columns,
  async *batches() {
    yield await Promise.resolve(given);
  },
});
const chart = (more: Partial<ReturnType<typeof testSeries>> = {}, filters: object[] = []) => ({
  id: 7,
  dashboardId: 1,
  title: 'Takings',
  definition: testChart({
    series: [testSeries('Fares', more)],
    filters: filters as unknown as ChartDefinition['filters'],
  }),
});
const one = rows([1, 'North', 5], [2, 'North', 7]);

it('says which line was one row and would be the sum of several', async () => {
  const four = rows([1, 'North', 5], [1, 'South', 50], [2, 'North', 7], [2, 'South', 70]);
  const earlier = await lookAtEarlier(one, four);
  const line = { chartId: 7, series: 'Fares', title: 'Takings', name: 'Fares' };
  expect(changedMeanings([chart()], 1, earlier, [])).toMatchObject([
    { ...line, column: 'Route', words: ['South'], count: 1, before: ['North'], sum: null },
    { ...line, sum: { column: 'Fares', upTo: '1970-01-03', before: 12, after: 132 } },
  ]);
  // Where each word has its line, or others are filtered out, nothing comes to mean something else.
  const split = { column: 'Route', order: [], coloured: [], colourBy: null, top: null };
  const told = (drawing: ReturnType<typeof chart>) =>
    changedMeanings([drawing], 1, earlier, []).filter(({ sum }) => !sum);
  expect(told(chart({ split }))).toEqual([]);
  const filter = { kind: 'words', column: 'Route', words: ['North'], keep: true };
  expect(told(chart({}, [{ filter, rest: 'removed' }]))).toEqual([]);
  expect(changedMeanings([chart()], 2, earlier, [])).toEqual([]);
});

it('says by how much figures of earlier periods change, and nothing of those that only go on', async () => {
  const corrected = rows([1, 'North', 5], [2, 'North', 9], [3, 'North', 100]);
  const { sums, words } = await lookAtEarlier(one, corrected);
  expect([sums, words]).toEqual([
    [{ date: 'Day', column: 'Fares', upTo: '1970-01-03', before: 12, after: 14 }],
    [],
  ]);
  const goesOn = rows([1, 'North', 5], [2, 'North', 7], [3, 'North', 100]);
  expect(await lookAtEarlier(one, goesOn)).toEqual({ words: [], sums: [] });
});
