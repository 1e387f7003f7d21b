import { type ChartDefinition, parseChart, plainChart } from '../chart';
import { readText } from '../sentences';
import { testSeries } from '../testing';
import { anyLine, namesWith, previewOf, suggestions, type Typed, withTyped } from './index';

const around = { source: [{ id: 1, name: 'Sailings', date: 'Date' }] };
const chart = parseChart({
  ...plainChart,
  title: 'Fares',
  grain: 'week',
  series: [testSeries('s', { name: 'Fares' }), testSeries('b', { name: 'Budget', role: 'budget' })],
  yardsticks: [
    {
      id: 'l',
      kind: 'line',
      name: 'Mean',
      onAxis: true,
      shading: 'none',
      value: { kind: 'number', number: 4 },
    },
  ],
  colourRules: [],
  standouts: [],
});

function typed(line: string, onto: ChartDefinition = chart): Typed {
  const read = readText(anyLine, line, namesWith(onto, around));
  if ('problem' in read) throw new Error(`${line}: ${read.problem.sentence}`);
  return read.value;
}

it('says anew what the today line is, where there is one alone', () => {
  const once = withTyped(chart, typed('Today is a line at today'));
  expect(once.yardsticks.slice(1)).toMatchObject([{ kind: 'today', offsetDays: 0 }]);
  const anew = withTyped(once, typed('Today is a line 3 days before today', once));
  expect(anew.yardsticks.slice(1)).toEqual([{ ...once.yardsticks[1], offsetDays: -3 }]);
  const two = withTyped(anew, typed('a line at today', anew));
  const three = withTyped(two, typed('Today is a line at today', two));
  expect([two.yardsticks.length, three.yardsticks.length]).toEqual([3, 4]);
});

it.each<[string, (next: ChartDefinition) => unknown, unknown]>([
  [
    'a line at the mean of Fares',
    ({ yardsticks }) => yardsticks.map((each) => 'name' in each && each.name),
    ['Mean', 'Mean 2'],
  ],
  ['a line 3 days before today', ({ yardsticks }) => yardsticks.length, 2],
  [
    'Mean is a line at 9',
    ({ yardsticks }) => yardsticks,
    [{ ...chart.yardsticks[0], value: { kind: 'number', number: 9 } }],
  ],
  [
    'Fares is to be at least Budget',
    ({ series, colourRules }) => [series[0]?.mark, colourRules.length],
    [{ against: 'b', good: 'atLeast' }, 2],
  ],
  [
    'where Fares is over 3, draw it in plum',
    ({ colourRules }) => colourRules.map(({ series, colour }) => [series, colour]),
    [['s', 'plum']],
  ],
  ['the highest of Fares', ({ standouts }) => standouts.map(({ id }) => id), ['highest']],
  [
    'Crew is an actual: the count of rows in Sailings',
    ({ series }) => series.map(({ name, stroke }) => [name, stroke.place]),
    [
      ['Fares', 0],
      ['Budget', 0],
      ['Crew', 1],
    ],
  ],
  [
    'Budget is a target: 5 throughout',
    ({ series }) => series.map(({ id, role }) => [id, role]),
    [
      ['s', 'actual'],
      ['b', 'target'],
    ],
  ],
  [
    'Budget is now dotted, 3 wide, on the second value axis',
    ({ series }) => [series[0], series[1]],
    [
      chart.series[0],
      {
        ...chart.series[1],
        valueAxis: 'second',
        stroke: { ...chart.series[1]?.stroke, dash: 'dot', width: 3 },
      },
    ],
  ],
  ['Limit is a number from 0 to 9 in steps of 1, at 3', ({ dials }) => dials[0]?.name, 'Limit'],
  [
    'Route is Osk',
    ({ filters }) => filters[0]?.filter,
    { kind: 'words', column: 'Route', words: ['Osk'], keep: true },
  ],
  [
    'Fares is now points in brick, points 8 to 8 across',
    ({ series }) => series[0]?.stroke.points,
    { at: 'sized', colour: 'brick', sizes: [8, 8] },
  ],
  ['by quarter', ({ axis, grain }) => [axis.kind, grain], ['periods', 'quarter']],
  ['by the words of Route', ({ axis }) => axis, { kind: 'words', column: 'Route', order: [] }],
  [
    'the last 13 periods',
    ({ span, grain }) => [span, grain],
    [{ kind: 'last', count: 13 }, 'week'],
  ],
  [
    'without gridlines',
    ({ axes }) => axes.shown,
    { gridlines: false, scales: true, values: true, dates: true },
  ],
])('does what “%s” says, and nothing else', (line, of, expected) => {
  const next = withTyped(chart, typed(line));
  expect(of(next)).toEqual(expected);
  expect(parseChart(next)).toEqual(next);
});

it('keeps what was said of a look before', () => {
  const once = withTyped(chart, typed('the value axis is titled "Pounds"'));
  const twice = withTyped(once, typed('without gridlines'));
  expect(twice.axes.first.title).toBe('Pounds');
  expect(twice).not.toHaveProperty('replay');
});

it('shows faintly what needs no other figures', () => {
  expect(previewOf(chart, typed('a line at 3'))?.yardsticks[1]).toMatchObject({
    look: { colour: 'grey' },
  });
  expect(previewOf(chart, typed('the last 13 periods'))).toBeNull();
});

it.each<[string, Partial<ChartDefinition>, Partial<ChartDefinition>]>([
  ['all there is', { span: { kind: 'last', count: 3 } }, { span: plainChart.span }],
  ['in one picture', { arrangement: { kind: 'years' } }, { arrangement: plainChart.arrangement }],
  ['years from January', { yearStart: 4 }, { yearStart: 1 }],
  ['the last 3 periods', { yearStart: 4 }, { yearStart: 4, span: { kind: 'last', count: 3 } }],
  ['notes in the picture', { notesHidden: true }, { notesHidden: false }],
])('takes what is plain at its word, and leaves the rest as it is: %s', (line, before, after) => {
  const said = typed(line);
  expect(withTyped({ ...chart, ...before }, said)).toEqual({ ...chart, ...before, ...after });
  expect(anyLine.print(said, namesWith(chart, around))).toBe(line);
});

it('suggests only lines that it reads, each of them a chart', () => {
  const names = namesWith(chart, around);
  const suggested = suggestions(chart, { names, level: 40, today: '2026-11-23' });
  expect(suggested.map(({ group }) => group)).toEqual([
    'To read against',
    'Dates',
    'A colour where',
    'Points',
  ]);
  const lines = suggested.flatMap(({ all }) => all.map((each) => anyLine.print(each, names)));
  expect([...new Set(lines)]).toEqual(lines);
  for (const line of lines) parseChart(withTyped(chart, typed(line)));
});
