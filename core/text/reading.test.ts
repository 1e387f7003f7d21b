import { type ChartDefinition, parseChart } from '../chart';
import { type Names, readText } from '../sentences';
import { anyLine, namesWith, printChart, readChartText, type Typed } from './index';

const around: Names = {
  source: [
    { id: 1, name: 'Sailings', date: 'Date' },
    { id: 2, name: 'Budget', date: 'Month' },
    { id: 3, name: 'Log', date: 'Day' },
    { id: 4, name: 'Log', date: 'Day' },
  ],
  column: ['Fare revenue', 'Route'].map((name) => ({ id: name, name })),
};

const text = `Stand Mark 1
# agreed with finance in January
Fares against budget
by month, from Jan 2025 to Dec 2026

Series
"Fare revenue" is an actual: the sum of "Fare revenue" in Sailings, handed over to Forecast
# as typed by the office
Budget is a budget: the sum of Budget in Budget
Forecast is a forecast: the sum of Forecast in Sailings
"Fare revenue" is to be at least Budget

Yardsticks
Today is a line at today
Limit is a line at 1.5

Colour rules
where "Fare revenue" is off its mark, draw it in brick, 3 wide

Standouts
the highest of "Fare revenue"

Look
without gridlines
`;

const chart = readChartText(text, around).chart as ChartDefinition;
const names = namesWith(chart, around);
const lineOf = (line: string) => readText(anyLine, line, names);
const valueOf = (line: string): unknown => {
  const read = lineOf(line);
  return 'value' in read ? read.value : read.problem.sentence;
};

it('reads a text that was written by hand, and writes it again', () => {
  expect(printChart(chart, around)).toBe(text);
  expect(chart).toMatchObject({
    title: 'Fares against budget',
    span: { kind: 'fixed', from: '2025-01-01', to: '2026-12-31' },
    series: [
      { name: 'Fare revenue', mark: { against: chart.series[1]?.id, good: 'atLeast' } },
      { name: 'Budget', stroke: { place: 0 } },
      { name: 'Forecast' },
    ],
    comments: { title: 'agreed with finance in January' },
  });
});

it.each([
  ['without quotes', 'a line at the mean of fare revenue'],
  ['with curly quotes', 'a line at the mean of “Fare revenue”'],
  ['in capitals, with room', '  A LINE  at the Mean of "fare revenue" '],
  ['with options in another order', 'a line at the mean of Fare revenue, in ink, shaded beneath'],
  ['without commas', 'a line at the mean of Fare revenue shaded beneath in ink'],
])('reads a line %s', (_, line) => {
  const isStyled = line.includes('ink');
  expect(valueOf(line)).toMatchObject({
    of: 'yardstickAlone',
    value: {
      kind: 'line',
      value: { kind: 'statistic', statistic: 'mean', series: chart.series[0]?.id },
      shading: isStyled ? 'beneath' : 'none',
      onAxis: true,
      ...(isStyled && { look: { colour: 'ink', width: 1.2 } }),
    },
  });
});

it.each([
  ['a line on 2026-02-28', { kind: 'dates', from: '2026-02-28', to: null }],
  ['a line on 28 February 2026', { kind: 'dates', from: '2026-02-28', to: null }],
  ['a line 30 days before today', { kind: 'today', offsetDays: -30 }],
  ['a line 1 day after the last actual', { kind: 'foundDate', at: 'lastActual', offsetDays: 1 }],
  ['a band between Budget and Forecast', { kind: 'between', onAxis: true }],
])('reads “%s”', (line, value) => {
  expect(valueOf(line)).toMatchObject({ of: 'yardstickAlone', value });
});

it.each([
  [
    'where Fare revenue is ovr 3, draw it in brick',
    '“ovr” is not known here. Expected: off its mark; on its mark; at least; over; at most; under; within; outside, and more. Nearest: over.',
  ],
  ['a line at the mean of Fars', 'Nearest: "Fare revenue".'],
  [
    'a line on 30 Feb 2026',
    '“30” is not known here. Expected: the date of; a date such as 3 Jan 2025',
  ],
  ['a line at', 'The line ends here. Expected: a number; the;'],
  ['a line at 3, shaded beneath, shaded above', '“shaded” is not known here.'],
  [
    'Log is a budget: the sum of Litres in Log',
    'This can be read as ‘Log is a budget: the sum of Litres in Log number 3’ or as',
  ],
])('says of “%s” what is wrong with it', (line, words) => {
  expect(valueOf(line)).toContain(words);
});

it('keeps what can be read of a text, and says each line that cannot', () => {
  const broken = text
    .replace('Limit is a line at 1.5', 'Limit is a lime at 1.5')
    .replace('Look', 'Looks\nLook\nwithout gridlines');
  const { chart: read, problems } = readChartText(broken, around, chart);
  expect(read?.yardsticks.map(({ kind }) => kind)).toEqual(['today']);
  expect(problems.map(({ line, sentence }) => [line, sentence.slice(0, 30)])).toEqual([
    [15, '“lime” is not known here. Expe'],
    [23, '“Looks” is no heading. Heading'],
    [26, 'This is said twice.'],
  ]);
});

it.each([
  ['version', text.replace('Mark 1', 'Mark 9'), 'A chart begins with the line “Stand Mark 1”.'],
  ['title', 'Stand Mark 1', 'Under it come a line with the title'],
  ['values', text.replace('at 1.5', 'at 1.5e16'), 'Write a number of at most'],
])('reads no chart without its %s', (_, broken, sentence) => {
  const { chart: read, problems } = readChartText(broken, around, chart);
  expect(read).toBeNull();
  expect(problems[0]?.sentence).toContain(sentence);
});

it('keeps the ids of what kept its name, and of the one that was renamed', () => {
  const given = parseChart({
    ...chart,
    series: chart.series.map((each) => ({ ...each, id: `own ${each.id}`, mark: null })),
    colourRules: [],
    standouts: [],
    yardsticks: chart.yardsticks.map((each) => ({ ...each, id: `own ${each.id}` })),
  });
  const renamed = printChart(given, around).replaceAll('Forecast', 'Outlook');
  const { chart: read } = readChartText(renamed, around, given);
  expect(read?.series.map(({ id }) => id)).toEqual(given.series.map(({ id }) => id));
  expect(read?.yardsticks.map(({ id }) => id)).toEqual(given.yardsticks.map(({ id }) => id));
});

it('asks which of several is which, where more than one has another name', () => {
  const renamed = text
    .replace('to Forecast', 'to Outlook')
    .replace('Forecast is', 'Outlook is')
    .replace('least Budget', 'least Plan')
    .replace('Budget is', 'Plan is');
  const [, budget, forecast] = chart.series;
  const { asked, chart: unanswered } = readChartText(renamed, around, chart);
  const could = [budget, forecast].map((each) => expect.objectContaining({ id: each?.id }));
  expect(asked).toEqual([
    { line: 9, name: 'Plan', could },
    { line: 10, name: 'Outlook', could },
  ]);
  expect(unanswered?.series.map(({ id }) => id)).not.toContain(budget?.id);
  const answers = { Plan: budget?.id ?? '', Outlook: null };
  const { asked: none, chart: answered } = readChartText(renamed, around, chart, answers);
  expect([none, answered?.series[1]?.id]).toEqual([[], budget?.id]);
  expect(answered?.series[2]?.id).not.toBe(forecast?.id);
});

it('takes nothing of another kind for what was renamed', () => {
  const other = text.replace('Limit is a line at 1.5', 'Works is a line on 3 Jan 2025');
  const { asked, chart: read } = readChartText(other, around, chart);
  const ids = ({ yardsticks }: ChartDefinition) => yardsticks.map(({ id }) => id);
  expect(asked).toEqual([]);
  expect(ids(read as ChartDefinition)[1]).not.toBe(ids(chart)[1]);
});

it('tells what a line says by what it begins with', () => {
  const of = (line: string) => (valueOf(line) as Typed).of;
  const said = [
    ['the lowest of Budget, labelled with name', 'standout'],
    ['Fare revenue is to be within Limit', 'mark'],
    ['this fiscal year', 'head'],
    ['Usual is a band from 1 to 2', 'yardstick'],
    ['Depot is one of A and B', 'dial'],
    ['Route is Osk or "Fenn to Osk", the rest in grey', 'filter'],
    ['the value axis begins at zero', 'look'],
  ] as const;
  expect(said.map(([line]) => [line, of(line)])).toEqual(said);
});
