import type { Cell } from '../table';
import { compose } from './kinds/compose';
import { prepareRows } from './prepare';
import { sayStep } from './sentence';
import { stepsShape } from './schema';
import { suggestSteps } from './suggest';
import type { PreparationContext } from './step';
import type { Step } from './kinds';

/** Rows written as lines, their cells parted by bars. */
const grid = (text: string) =>
  text
    .trim()
    .split('\n')
    .map((line) => line.split('|').map((cell) => cell.trim()));

const lines = (rows: readonly (readonly Cell[])[]) => rows.map((cells) => cells.join('|'));

const context = (rows: readonly (readonly Cell[])[]): PreparationContext => ({
  writing: { decimalMark: '.', zone: 'UTC' },
  firstRows: rows,
});

function run(text: string, steps?: Step[]) {
  const rows = grid(text);
  const suggested = suggestSteps(context(rows));
  const done = prepareRows(steps ?? suggested.steps, context(rows), rows);
  return { suggested, ...done, table: [done.columns.join('|'), ...lines(done.rows)] };
}

it.each([
  ['a plain table', 'Day|Fares\n2026-01-01|5\n2026-01-02|6', [], 'Day|Fares', '2026-01-01|5'],
  [
    'titles above the head',
    'Pellow Isles Ferries|\nPrinted 1 May|\n|\nDay|Fares\n2026-01-01|5\n2026-01-02|6',
    ['Row 4 names the columns'],
    'Day|Fares',
    '2026-01-01|5',
  ],
  [
    'no head',
    '2026-01-01|5\n2026-01-02|6',
    ['No row names the columns; figures begin below row 0'],
    'Column 1|Column 2',
    '2026-01-01|5',
  ],
  [
    'months across under a title with the year',
    'Budget 2026||||\nRoute|Jan|Feb|Mar|Total\nNorth|1|2|3|6\nSouth|4|5|7|16\nWest|9|9|9|27\nTotal|14|16|19|49',
    [
      'Leave out total rows, where “Route” says “Total”',
      'Leave out “Total”',
      'Turn the columns that name a month into rows: their names become “Month”, their cells “Value”',
      'Put “Date” together from the year that the file says and the month in “Month”',
    ],
    'Date|Route|Month|Value',
    '2026-01|North|Jan|1',
  ],
  [
    'measures interleaved under years, in two rows',
    'Route|2025||2026|\n|Fares|Fuel|Fares|Fuel\nNorth|1|2|3|4\nSouth|5|6|7|8',
    [
      'Rows 1 to 2 together name the columns',
      'Turn the columns that name a year into rows: their names become “Year” and “Measure”, their cells “Value”',
    ],
    'Route|Year|Measure|Value',
    'North|2025|Fares|1',
  ],
  [
    'months down and years across',
    'Month|2024|2025\nJan|1|2\nFeb|3|4',
    ['Put “Date” together from the year in “Year” and the month in “Month”'],
    'Date|Month|Year|Value',
    '2024-01|Jan|2024|1',
  ],
  [
    'names of groups written once',
    'Region|Route|Day|Fares\nWest|A|2026-01-01|5\n|B|2026-01-01|6\nEast|C|2026-01-01|7\n|D|2026-01-01|8',
    ['Fill the blanks of “Region” from the row above'],
    'Region|Route|Day|Fares',
    'West|A|2026-01-01|5',
  ],
])('sees %s', (_, text, sentences, head, first) => {
  const { suggested, table } = run(text);
  expect(suggested.steps.map(sayStep)).toEqual(expect.arrayContaining(sentences));
  expect(table.slice(0, 2)).toEqual([head, first]);
});

const step = (settings: object) => ({ id: 'one', ...settings }) as Step;
const head = step({ id: 'head', kind: 'head', from: 1, to: 1 });
const fares = 'Route|Fares|Costs\nNorth|5|2\nSouth|7|\nTotal|12|2';

it.each([
  [{ kind: 'columns', keep: true, columns: ['Fares'] }, ['Fares', '5', '7', '12'], null],
  [{ kind: 'rename', column: 'Costs', name: 'Fuel' }, ['Route|Fares|Fuel'], null],
  [
    { kind: 'compute', name: 'Left', formula: 'Fares - Costs' },
    ['Route|Fares|Costs|Left', 'North|5|2|3', 'South|7||', 'Total|12|2|10'],
    null,
  ],
  [
    { kind: 'rows', column: 'Route', keep: true, words: ['North'] },
    ['Route|Fares|Costs', 'North|5|2'],
    '2 rows left out',
  ],
  [
    { kind: 'rowsByFigure', column: 'Costs', comparison: 'at least', limit: 1 },
    ['Route|Fares|Costs', 'North|5|2', 'Total|12|2'],
    '1 row left out',
  ],
  [
    { kind: 'totals', column: 'Route', words: null },
    ['Route|Fares|Costs', 'North|5|2', 'South|7|'],
    '1 row left out: Total',
  ],
  [
    { kind: 'join', sourceId: 7, key: 'Route', lookupKey: 'Name', take: ['Region'] },
    ['Route|Fares|Costs|Region', 'North|5|2|West', 'South|7||'],
    'without a row in Routes: “South” and “Total”',
  ],
])('does what it says: %j', (settings, wanted, remark) => {
  const rows = grid(fares);
  const routes = [
    ['North', 'West'],
    ['North', 'East'],
  ];
  const cell = (row: number, place: number) => routes[row]?.[place] ?? '';
  const lookups = new Map([[7, { name: 'Routes', columns: ['Name', 'Region'], rows: 2, cell }]]);
  const steps = [head, step(settings)];
  expect(stepsShape.validateSync(steps)).toEqual(steps);
  const done = prepareRows(steps, { ...context(rows), lookups }, rows);
  expect(done.misfits).toEqual([]);
  expect([done.columns.join('|'), ...lines(done.rows)].slice(0, wanted.length)).toEqual(wanted);
  if (remark) expect(done.remarks.one).toBe(remark);
});

it('gives each measure a column, keeps a second figure of one, and counts the measures it does not know', () => {
  const text = 'Day|Measure|Value\nA|Fares|1\nA|Fuel|2\nB|Fuel|3\nB|Fuel|4\nB|Crew|5\nB|Fares|6';
  const spread = { kind: 'spread', measure: 'Measure', value: 'Value', words: ['Fares', 'Fuel'] };
  const { table, remarks, suggested } = run(text, [head, step(spread)]);
  expect(table).toEqual(['Day|Fares|Fuel', 'B||3', 'A|1|2', 'B|6|4']);
  expect(remarks.one).toBe('1 row of other measures left out: “Crew”');
  expect(suggested.offers).toMatchObject([{ ...spread, words: ['Fares', 'Fuel', 'Crew'] }]);
});

it('passes over a sentence that no longer fits, and says what it misses', () => {
  const { table, misfits } = run(fares, [
    head,
    step({ kind: 'rename', column: 'Gone', name: 'Here' }),
    step({ id: 'two', kind: 'columns', keep: true, columns: ['Route'] }),
    step({ id: 'three', kind: 'columns', keep: true, columns: ['Fares'], off: true }),
  ]);
  expect(table[0]).toBe('Route');
  expect(misfits).toEqual([
    { step: 'one', sentence: expect.stringContaining('“Gone” is not there') as string },
  ]);
});

it.each([
  [{ kind: 'mystery' }, /no such step/],
  [{ kind: 'rename', column: 'A', name: ' ' }, /Write the new name/],
  [{ kind: 'head', from: 3, to: 2 }, /ends before it begins/],
  [{ kind: 'head', from: 1, to: 9 }, /longer than three/],
])('refuses the step %j', (settings, sentence) => {
  expect(() => stepsShape.validateSync([step(settings)])).toThrow(sentence);
});

it.each([
  ['Month|Fares\nJan|1\nFeb|2', 2025, 'Date|Month|Fares', '2025-01|Jan|1'],
  ['Qtr|Year|Fares\nQ3|2024|1', null, 'Date|Qtr|Year|Fares', '2024-Q3|Q3|2024|1'],
  ['Route|KW|Fares\nA|7|1', 2026, 'Date|Route|KW|Fares', '2026-W07|A|7|1'],
])('puts a date together that somebody adds, of the columns that name its parts: %j', (...row) => {
  const [text, year, head, first] = row;
  const columns = grid(text)[0] ?? [];
  const drafted = compose.draft(columns);
  const steps: Step[] = [
    { id: 'h', kind: 'head', from: 1, to: 1 } as Step,
    { ...drafted, id: 'c', kind: 'compose', year },
  ];
  expect(run(text, steps).table.slice(0, 2)).toEqual([head, first]);
  // A year can be typed where a column is asked for.
  expect(compose.say({ ...drafted, id: 'c', kind: 'compose' })).toContainEqual(
    expect.objectContaining({
      field: 'yearColumn',
      instead: { field: 'year', choose: { as: 'number' } },
    }),
  );
});
