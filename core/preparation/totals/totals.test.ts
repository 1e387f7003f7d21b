import fc from 'fast-check';
import type { Cell } from '../../table';
import { findTotalColumns } from './columns';
import { findTotalRows } from './rows';

/** A sheet written as lines, its cells parted by bars; the first line names the columns. */
function sheet(...lines: string[]) {
  const [columns = [], ...rows] = lines.map((line) => line.split('|').map((cell) => cell.trim()));
  return { columns, rows };
}

const said = ({ column, words }: { column: string; words: string[] }) =>
  `${column}: ${words.map((word) => word || 'blank').join(', ')}`;

const routes = ['Route|Fares|Riders', 'North|120|10', 'South|240|20', 'West|360|31'];
const sums = '720|61';

it.each(['All', 'Overall', 'Net total', 'Gesamtergebnis', 'Σ', 'Total', 'Razem', 'Everywhere'])(
  'would double every sum by a last row “%s”, and leaves it out',
  (word) => {
    const found = findTotalRows(sheet(...routes, `${word}|${sums}`), '.');
    expect(found).toEqual({ sure: [{ column: 'Route', words: [word] }], doubtful: [] });
    const above = [routes[0] as string, `${word}|${sums}`, ...routes.slice(1)];
    expect(findTotalRows(sheet(...above), '.').sure).toEqual(found.sure);
  },
);

it.each<[string, string[], string[], string[]]>([
  ['a row that names nothing', [...routes, `|${sums}`], ['Route: blank'], []],
  [
    'a product that is called Total Wine',
    [...routes, 'Total Wine|80|7'],
    [],
    ['Route: Total Wine'],
  ],
  ['a Somme that is a river', [...routes, 'Somme|80|7', 'Loire|9|1'], [], ['Route: Somme']],
  ['a mean', [...routes, 'Average|240|20.333333333333332'], [], ['Route: Average']],
  [
    'a mean that names itself otherwise',
    [...routes, 'Usual|240|20.333333333333332'],
    [],
    ['Route: Usual'],
  ],
  ['the sum of two rows alone', ['R|F', 'A|1200', 'B|1301', 'Total|2501'], [], ['R: Total']],
  ['a plan of 100 each month', ['R|F', 'A|100', 'B|100', 'C|100', 'D|100'], [], []],
  ['a Total of equal rows', ['R|F', 'A|100', 'B|100', 'C|100', 'Total|300'], [], ['R: Total']],
  ['rows of zeros', ['R|F', 'A|0', 'B|0', 'C|0', 'D|0'], [], []],
  ['a small last row that is a sum by chance', ['R|F', 'A|1', 'B|2', 'C|3', 'D|6'], [], []],
  [
    'a last month that is the sum of those before',
    ['M|F', '2026-01|120', '2026-02|240', '2026-03|365', '2026-04|725'],
    [],
    [],
  ],
  [
    'a price beside what is added up',
    ['R|F|Price', 'A|120|1.5', 'B|240|2.5', 'C|365|9', 'Total|725|4.3'],
    ['R: Total'],
    [],
  ],
  [
    'measures named so in nearly every row',
    ['M|F', 'Total fares|5', 'Total fuel|6', 'Total crew|8'],
    [],
    [],
  ],
  [
    'subtotals of each region, and a total of all',
    [
      'Region|Route|F',
      'N|a|11',
      '|b|12',
      '|c|14',
      'N total||37',
      'S|d|21',
      '|e|22',
      '|f|24',
      'S total||67',
      'Grand total||104',
    ],
    ['Region: N total, S total, Grand total'],
    [],
  ],
  [
    'a word that is the sum of the others on each day',
    [
      'Day|Route|F',
      ...['01', '02', '03'].flatMap((day) =>
        ['All|41', 'A|10', 'B|20', 'C|11'].map((row) => `2026-01-${day}|${row}`),
      ),
    ],
    ['Route: All'],
    [],
  ],
  [
    'a block of its own, with no word that says so',
    [
      'Day|Route|F',
      ...['N|10', 'S|20', 'W|1105', 'Isles|1135'].flatMap((row) =>
        ['01', '02', '03'].map((day) => `2026-01-${day}|${row}`),
      ),
    ],
    ['Route: Isles'],
    [],
  ],
  [
    'a word that is the sum of the others by chance, in small figures',
    [
      'Day|Route|F',
      ...['N|1', 'S|2', 'W|3', 'Isles|6'].flatMap((row) =>
        ['01', '02', '03'].map((day) => `2026-01-${day}|${row}`),
      ),
    ],
    [],
    [],
  ],
  [
    'two lines alone and their sum on each day',
    [
      'Day|Route|F',
      ...['01', '02', '03'].flatMap((day) =>
        ['A|10', 'B|20', 'All|30'].map((row) => `2026-01-${day}|${row}`),
      ),
    ],
    [],
    ['Route: All'],
  ],
])('of %s', (_, lines, sure, doubtful) => {
  const found = findTotalRows(sheet(...lines), '.');
  expect(found.sure.map(said)).toEqual(sure);
  expect(found.doubtful.map(said)).toEqual(doubtful);
});

it('is sure of nothing where there are more rows than it compares', () => {
  const found = findTotalRows(sheet(...routes, `Total|${sums}`), '.', false);
  expect([found.sure, found.doubtful.map(said)]).toEqual([[], ['Route: Total']]);
});

it.each<[string, string[], string[], string[]]>([
  [
    'quarters and a year among months',
    ['Centre|Jan|Feb|Mar|Q1|Apr|May|Jun|Q2|FY', 'A|1|2|4|7|8|9|1|18|25', 'B|3|3|5|11|1|2|2|5|16'],
    ['Q1', 'Q2', 'FY'],
    [],
  ],
  [
    'a column by any name',
    ['R|Jan|Feb|Mar|Razem', 'A|101|202|404|707', 'B|1|2|5|8'],
    ['Razem'],
    [],
  ],
  ['a plan of 100 each month', ['R|Jan|Feb|Mar|Heads', 'A|100|100|100|3'], [], []],
  [
    'a quarter that is none of their sums',
    ['R|Jan|Feb|Mar|Q1', 'A|1|2|4|9', 'B|1|2|3|9'],
    [],
    ['Q1'],
  ],
  [
    'measures side by side, which no sum doubles',
    ['Day|Adults|Children|Dogs|Total', '2026-01-01|1|2|4|7'],
    [],
    [],
  ],
  [
    'two measures interleaved',
    [
      'R|Jan / F|Jan / C|Feb / F|Feb / C|Mar / F|Mar / C|Total / F|Total / C',
      'A|1|9|2|8|4|6|7|23',
      'B|2|1|2|3|5|3|9|7',
    ],
    ['Total / F', 'Total / C'],
    [],
  ],
])('of columns: %s', (_, lines, sure, doubtful) => {
  expect(findTotalColumns(sheet(...lines), '.')).toEqual({ sure, doubtful });
});

it('finds what a program that adds up has put below, and nothing where none has', () => {
  const figure = fc.integer({ min: -100_000, max: 100_000 }).map((cents) => cents / 100);
  const table = fc.array(fc.tuple(figure, figure), { minLength: 3, maxLength: 30 });
  fc.assert(
    fc.property(table, (figures) => {
      const rows: Cell[][] = figures.map(([one, two], row) => [`Place ${row}x`, one, two]);
      const plain = { columns: ['Place', 'One', 'Two'], rows };
      const none = findTotalRows(plain, '.');
      const sum = (place: 0 | 1) => figures.reduce((all, each) => all + each[place], 0);
      const total = [sum(0), sum(1)];
      const varied = figures.some(([one]) => one !== figures[0]?.[0]);
      fc.pre(varied && String(total[0]).replace(/[-.0]/g, '').length > 3);
      const withTotal = { ...plain, rows: [...rows, ['Altogether', ...total]] };
      expect(none.sure).toEqual([]);
      expect(findTotalRows(withTotal, '.').sure).toEqual([
        { column: 'Place', words: ['Altogether'] },
      ]);
    }),
  );
});
