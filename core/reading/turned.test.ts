import { parseDay } from '../calendar';
import type { ChartDefinition } from '../chart';
import { chartFrames, drawnChart, expandChart } from '../figures';
import { testChart, testFrame, testSeries } from '../testing';
import { readChart, sayOutOfView } from './index';

const day = (text: string) => parseDay(text) as number;
const today = day('2026-06-05');
const periods = ['2026-01-01', '2026-02-01', '2026-03-01'].map(day);

/** A chart of three months as a reader sees it, with dials turned. */
function read(
  more: Partial<ChartDefinition>,
  dials: Record<string, number | string | string[]> = {},
) {
  const chart = testChart({ series: [testSeries('Fares')], ...more });
  const frame = testFrame({ periods, values: [[10, 20, 30]] });
  const { frames } = chartFrames(
    expandChart(chart, { turned: dials }),
    { Fares: frame },
    today,
    dials,
  );
  const drawn = drawnChart(chart, 'readers');
  return { drawn, reading: readChart(drawn, frames, { today, dials }) };
}

const line = (id: string, name: string, number: number) => ({
  id,
  name,
  kind: 'line' as const,
  onAxis: false,
  shading: 'none' as const,
  value: { kind: 'number' as const, number },
});
const several = (value: string[]) => ({
  kind: 'several' as const,
  id: 'bands',
  name: 'Bands',
  value,
  choices: ['Low', 'High'],
});
const bands: Partial<ChartDefinition> = {
  yardsticks: [line('a', 'Low', 12), line('b', 'High', 28), line('c', 'Always', 20)],
  dials: [several([])],
  yardsticksBy: 'bands',
};

it.each([
  ['none chosen', {}, ['Low', 'High', 'Always']],
  ['one', { Bands: ['High'] }, ['High', 'Always']],
  ['both', { Bands: ['High', 'Low'] }, ['Low', 'High', 'Always']],
  ['a word that there is not', { Bands: ['Middle'] }, ['Low', 'High', 'Always']],
])('shows the yardsticks that a reader chooses: %s', (_what, dials, wanted) => {
  const { reading } = read(bands, dials);
  expect(reading.panels[0]?.yardsticks.map(({ name }) => name)).toEqual(wanted);
});

const limit = {
  kind: 'number' as const,
  id: 'limit',
  name: 'Limit',
  value: 20,
  from: 0,
  to: 900,
  step: 1,
};
const turnedLine: Partial<ChartDefinition> = {
  dials: [limit],
  yardsticks: [{ ...line('a', 'Ceiling', 0), value: { kind: 'dial', dial: 'limit' } }],
};

it.each([
  [{}, []],
  [{ Limit: 800 }, ['Ceiling is out of view.']],
])('says what a dial moves out of the picture: %j', (dials, wanted) => {
  const { drawn, reading } = read(turnedLine, dials);
  expect(sayOutOfView(drawn, reading, 'Limit')).toEqual(wanted);
  expect(sayOutOfView(drawn, reading, 'Other')).toEqual([]);
});

it('counts the days of a today line back or on as it says', () => {
  const at = (back?: true) => {
    const dial = { ...limit, value: 40, unit: 'days back' };
    const yardsticks = [{ id: 't', kind: 'today' as const, offsetDays: 0, dial: 'limit', back }];
    const { drawn, reading } = read({ dials: [dial], yardsticks: yardsticks as never });
    return sayOutOfView(drawn, reading, 'Limit');
  };
  expect(at(true)).toEqual(['40 days before today is out of view.']);
  expect(at()).toEqual(['40 days after today is out of view.']);
});

it('takes what several words keep together, and says so', () => {
  const filter = { kind: 'words' as const, column: 'Route', words: [], keep: true };
  const chart = testChart({
    series: [testSeries('Fares')],
    filters: [{ filter, rest: 'removed', dial: 'bands' }],
    dials: [several(['Low'])],
  });
  const kept = (turned: Record<string, string[]>) =>
    expandChart(chart, { turned }).filters.map(
      (each) => 'words' in each.filter && each.filter.words,
    );
  expect([kept({}), kept({ Bands: ['Low', 'High'] }), kept({ Bands: [] })]).toEqual([
    [['Low']],
    [['Low', 'High']],
    [],
  ]);
});

it.each([
  [['2026-02-01', ''], { from: '2026-02-01', to: null }],
  [['', '2026-02-28'], { from: null, to: '2026-02-28' }],
  [['2026-01-05', '2026-02-28'], { from: '2026-01-05', to: '2026-02-28' }],
  [['soon', ''], null],
])('sets a filter from one date to another, or by either: %j', (to, wanted) => {
  const filter = { kind: 'dates' as const, column: 'Day', from: null, to: null };
  const chart = testChart({
    series: [testSeries('Fares')],
    filters: [{ filter, rest: 'removed', dial: 'when' }],
    dials: [{ kind: 'dates', id: 'when', name: 'When', from: null, to: null }],
  });
  const [kept] = expandChart(chart, { turned: { When: to } }).filters;
  expect(kept ? kept.filter : null).toEqual(wanted && { ...filter, ...wanted });
});
