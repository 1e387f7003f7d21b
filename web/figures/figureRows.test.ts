import { formatDay } from '../../core/calendar';
import { draftRule } from '../../core/editing';
import { plainSheet, noPoints, plainAxes } from '../../core/chart';
import type { Comparison, Reading, ReadSeries } from '../../core/reading';
import { type FigureRow, figureRows } from './figureRows';
import { figureCells, figureFiles } from './figuresFile';

const format = { divisor: 1e6, suffix: 'm', decimals: 2 };
const figures = [600_000, null, 750_400];
const comparison: Comparison = {
  markName: 'Budget',
  markId: 'budget',
  good: 'atLeast',
  exact: true,
  edges: null,
  marks: [750_000, 750_000, 750_000],
  differences: [-150_000, null, 400],
  running: [-150_000, null, -149_600],
  judgements: ['off', null, 'on'],
  spells: [],
  markAdds: true,
  toDate: null,
};
const series = (id: string, more: Partial<ReadSeries>): ReadSeries => ({
  id,
  seriesId: id,
  seriesName: id,
  drawn: figures,
  open: [],
  absent: [],
  joins: null,
  handsOver: null,
  age: null,
  split: false,
  plan: false,
  others: false,
  word: 0,
  points: noPoints,
  filled: false,
  shape: 'straight',
  second: false,
  format,
  greyed: false,
  group: null,
  covered: null,
  history: { starts: [], figures: [] },
  gradient: null,
  measured: [],
  key: '',
  name: id,
  called: id,
  role: 'actual',
  figures,
  exact: true,
  additive: true,
  stroke: { colour: 'teal', dash: 'solid', width: 2 },
  comparison: null,
  pieces: [],
  last: 2,
  readings: null,
  caughtBy: [],
  met: new Map(),
  pointColours: [],
  pointMarkers: [],
  pace: null,
  paceDrawn: false,
  inInk: false,
  ...more,
});
const rule = (id: string, name: string) => ({
  ...draftRule(id, 'Fares', { kind: 'mark', is: 'off' }, 'brick'),
  name,
  caught: 2,
  judged: 2,
  warning: '',
  cue: { heavier: false, dash: null, marker: null },
});
const reading: Reading = {
  title: 'Fares',
  grain: 'month',
  unit: 'month',
  today: 0,
  axis: 'calendar',
  shape: 'row',
  remarks: [],
  unmet: [],
  emphasis: [],
  choice: null,
  described: '',
  standing: '',
  summary: '',
  outlook: [],
  positions: [0, 31, 59].map((start) => ({
    start,
    next: start + 28,
    middle: start + 14,
    open: false,
    label: formatDay(start),
  })),
  panels: [
    {
      key: '',
      title: '',
      yardsticks: [],
      standouts: [],
      axis: { from: 0, to: 1e6, step: 2e5 },
      second: null,
      series: [
        series('Fares', {
          comparison,
          caughtBy: ['r1', null, 'r2'],
          met: new Map([['r1', 1]]),
        }),
        series('budget', { role: 'budget' }),
      ],
    },
  ],
  rules: [rule('r1', 'Under Budget'), rule('r2', 'On or over Budget')],
  format,
  secondFormat: format,
  headline: null,
  look: {
    textSize: 'usual',
    periods: { dates: 'words', yearStart: 1 },
    shown: plainAxes.shown,
    wholeDates: false,
    sheet: plainSheet,
    titles: { along: '', first: '', second: '' },
    names: { as: 'ends', yardsticks: false },
  },
};

const written = ({ values, cell }: FigureRow) => values.map((_, place) => cell(place));
const texts = (room: 'narrow' | 'wide') =>
  Object.fromEntries(
    figureRows(reading, room).map((row) => [row.name, written(row).map(({ text }) => text)]),
  );

it('lists a compared series with its mark once, the differences and the rules', () => {
  expect(texts('narrow')).toEqual({
    Fares: ['0.60', '', '0.75'],
    Budget: ['0.75', '0.75', '0.75'],
    'Diff.': ['\u22120.15', '', '<0.01'],
    Running: ['\u22120.15', '', '\u22120.15'],
    Rule: ['1', '', '2'],
  });
});

it('writes small differences with as many digits as they need where there is room', () => {
  expect(texts('wide')['Diff.']).toEqual(['\u22120.1500', '', '+0.0004']);
});

it('says at the head of each column what its figures are in', () => {
  const units = (of: Reading) => figureRows(of, 'wide').map(({ name, unit }) => `${name}: ${unit}`);
  expect(units(reading)).toEqual([
    'Fares: in millions',
    'Budget: in millions',
    'Diff.: in millions',
    'Diff. %: ',
    'Running: in millions',
    'Rule: ',
  ]);
  const percent = { ...format, style: { marks: 'comma', unit: '%', unitAt: 'after' } as const };
  const rate = { ...percent, divisor: 1, suffix: '' };
  const inPercent = {
    ...reading,
    panels: reading.panels.map((panel) => ({
      ...panel,
      series: panel.series.map((line) => ({ ...line, format: rate })),
    })),
  };
  // A share of a percentage would be mistaken for points.
  expect(units(inPercent)).toEqual([
    'Fares: in %',
    'Budget: in %',
    'Diff.: in points',
    'Running: in points',
    'Rule: ',
  ]);
});

it('says in full what a cell shortens', () => {
  const rows = figureRows(reading, 'narrow');
  const full = (name: string) =>
    rows.filter((row) => row.name === name).flatMap((row) => written(row).map((cell) => cell.full));
  expect(full('Fares')).toEqual(['600,000', '', '750,400']);
  expect(full('Diff.')).toEqual(['\u2212150,000', '', '400']);
  expect(full('Rule')).toEqual(['Under Budget', '', 'On or over Budget']);
});

it('names whose difference it is when several series are compared', () => {
  const both = {
    ...reading,
    panels: reading.panels.map((panel) => ({
      ...panel,
      series: ['North', 'South'].map((id) => series(id, { comparison, met: new Map([['r1', 0]]) })),
    })),
  };
  expect(figureRows(both, 'narrow').map(({ name }) => name)).toEqual([
    'North',
    'Budget of North',
    'Diff. of North',
    'Running of North',
    'Rule of North',
    'South',
    'Budget of South',
    'Diff. of South',
    'Running of South',
    'Rule of South',
  ]);
});

it('writes every figure in full, its differences and its rule, to a file', async () => {
  const cells = figureCells(reading);
  expect(cells).toEqual([
    ['Period', 'Fares', 'Budget', 'Difference', 'Running difference', 'Rule'],
    ['1970-01', 600_000, 750_000, -150_000, -150_000, 'Under Budget'],
    ['1970-02', null, 750_000, null, null, null],
    ['1970-03', 750_400, 750_000, 400, -149_600, 'On or over Budget'],
  ]);
  const csv = await (await figureFiles.csv([['=Name'], [1.5]])).text();
  expect(csv.replace('\ufeff', '')).toBe('"\'=Name"\r\n1.5');
  expect(JSON.parse(await (await figureFiles.json(cells)).text())).toMatchObject([
    {},
    { Period: '1970-02', Fares: null },
    { Rule: 'On or over Budget' },
  ]);
});
