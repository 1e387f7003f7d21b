import { parseDay } from '../calendar';
import type { ChartDefinition } from '../chart';
import type { Filter } from '../frame';
import { testChart, testSeries } from '../testing';
import { narrowedBy, type Narrowing } from './index';

const today = parseDay('2026-11-23') as number;
const split = { column: 'Route', order: [], coloured: [], colourBy: null, top: null };
const onlyEast: Filter = { kind: 'words', column: 'Route', words: ['East', 'West'], keep: true };
const picker = testChart({
  linking: { linked: true, narrows: true },
  filters: [{ filter: onlyEast, rest: 'removed' }],
  series: [testSeries('Fares', { split })],
});
const line = (word: string): Narrowing => ({ kind: 'line', chart: 1, series: 'Fares', word });
const dates = (from: string, to: string): Narrowing => ({ kind: 'dates', chart: 1, from, to });
const columns = [['Day', 'Route', 'Fares']];

const draws = () => [{ keys: ['East', 'West', 'Others'], others: 'Others' }];
const narrow = (
  narrowing: Narrowing,
  chart: Partial<ChartDefinition> = {},
  known: { columns: string[][]; picker: ChartDefinition } = { columns, picker },
) =>
  narrowedBy(
    narrowing,
    { id: 2, chart: testChart(chart), today, columns: known.columns },
    { chart: known.picker, draws },
  );

it('keeps the rows of the word of a line that was picked', () => {
  const filter = { kind: 'words', column: 'Route', words: ['East'], keep: true };
  expect(narrow(line('East'))?.filters).toEqual([{ filter, rest: 'removed' }]);
});

it.each([
  // A target of all routes beside one route's actual would tell an untruth.
  ['one of its sources has no such column', { columns: [...columns, ['Day', 'Target']], picker }],
  ['it draws from no source', { columns: [], picker }],
  ['the other is not split', { columns, picker: { ...picker, series: [testSeries('Fares')] } }],
  ['nobody lets the other narrow any', { columns, picker: { ...picker, linking: undefined } }],
  ['the other stands alone', { columns, picker: tied({ linked: false, narrows: true }) }],
  [
    'the other has another companion',
    { columns, picker: tied({ linked: true, narrows: false, peek: beside(3) }) },
  ],
  [
    'the line that was picked is hidden',
    { columns, picker: { ...picker, series: [testSeries('Fares', { split, hidden: true })] } },
  ],
])('stays as it is where %s', (_why, known) => {
  expect(narrow(line('East'), {}, known)).toBeNull();
});

it('does not tell of a word that the other chart leaves out, nor of the rest of its ranking', () => {
  expect(narrow(line('North'))).toBeNull();
  expect(narrow(line('Others'))).toBeNull();
});

it('stands alone where its own links are switched off, but for the chart that it is companion of', () => {
  const alone = { linking: { linked: false, narrows: false } };
  expect(narrow(line('East'), alone)).toBeNull();
  expect(narrow(dates('2026-03-01', '2026-07-31'), alone)).toBeNull();
  const companion = tied({ linked: true, narrows: false, peek: beside(2) });
  expect(narrow(line('East'), alone, { columns, picker: companion })).not.toBeNull();
});

function tied(ties: ChartDefinition['linking']): ChartDefinition {
  return { ...picker, linking: ties };
}

function beside(chart: number) {
  return { chart, size: 'medium' as const, shows: 'pointed' as const };
}

it.each([
  ['month', '2026-03-01', '2026-07-31', {}, '2026-03-01', '2026-07-31'],
  // Never more than the chart shows by itself.
  ['month', '2024-01-01', '2026-01-31', last(13), '2025-11-01', '2026-01-31'],
  ['day', '2026-03-02', '2026-03-02', {}, '2026-03-02', '2026-03-02'],
  ['quarter', '2026-01-01', '2026-06-30', {}, '2026-01-01', '2026-06-30'],
])('shows by %s what lies from %s to %s', (grain, from, to, more, first, end) => {
  const chart = { grain, ...more } as Partial<ChartDefinition>;
  expect(narrow(dates(from, to), chart)?.span).toEqual({ kind: 'fixed', from: first, to: end });
});

it.each([
  ['longer periods', { grain: 'quarter' }, '2026-02-01', '2026-03-31'],
  ['two periods side by side', { arrangement: slope() }, '2026-02-01', '2026-03-31'],
  ['no day of the calendar', {}, '2026-02-01', '2026-02-31'],
  ['an end before the beginning', {}, '2026-03-01', '2026-02-28'],
])('does not follow a stretch of dates with %s', (_why, chart, from, to) => {
  expect(narrow(dates(from, to), chart as Partial<ChartDefinition>)).toBeNull();
});

function last(count: number): Partial<ChartDefinition> {
  return { span: { kind: 'last', count } } as Partial<ChartDefinition>;
}

function slope() {
  return { kind: 'slope', between: 'before', from: null, to: null };
}
