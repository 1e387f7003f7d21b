import { formatDay, parseDay } from '../calendar';
import type { ChartDefinition } from '../chart';
import { chartFrames } from '../figures';
import { testChart, testFrame, testSeries } from '../testing';
import { readBetween, readChart, readOutAt, sayInOne } from './index';

const day = (text: string) => parseDay(text) as number;
const today = day('2026-06-05');

/** A chart of typed figures, by the first days of their periods, and against what they are held. */
function read(
  figures: Record<string, Record<string, number | null>>,
  more: Partial<ChartDefinition> = {},
  mark: { good: 'atLeast' | 'atMost' } | null = null,
) {
  const [first = '', second] = Object.keys(figures);
  const chart = testChart({
    series: Object.keys(figures).map((name) =>
      testSeries(name, {
        ...(mark && name === second && { role: 'budget' as const }),
        mark: name === first && mark && second ? { against: second, ...mark } : null,
      } as never),
    ),
    ...more,
  });
  const frames = Object.fromEntries(
    Object.entries(figures).map(([name, own]) => [
      name,
      testFrame({
        periods: Object.keys(own).map(day),
        values: [Object.values(own)],
        recordedGrain: chart.grain,
      }),
    ]),
  );
  return readChart(chart, chartFrames(chart, frames, today).frames, { today });
}

/** What the first line of a chart says at a period, by its first day. */
function saidAt(reading: ReturnType<typeof read>, at: string) {
  const place = reading.positions.findIndex(({ start }) => formatDay(start) === at);
  const said = readOutAt(reading, place);
  const row = said?.rows[0];
  return [said?.label, row?.figure, row?.apart, row?.change, said?.onBefore];
}

const shownFrom = (from: string): Partial<ChartDefinition> => ({
  span: { kind: 'fixed', from, to: '2026-12-31' },
});

it.each<[string, ReturnType<typeof read>, string, (string | undefined)[]]>([
  [
    'a share of the same month of the year before',
    read({ Fares: { '2025-03-01': 200, '2026-03-01': 250 } }),
    '2026-03-01',
    ['Mar 2026', '250', '', '+25.0%', 'on Mar 2025'],
  ],
  [
    'also where the year before is not shown',
    read(
      { Fares: { '2025-03-01': 200, '2026-02-01': 1, '2026-03-01': 150 } },
      shownFrom('2026-01-01'),
    ),
    '2026-03-01',
    ['Mar 2026', '150', '', '−25.0%', 'on Mar 2025'],
  ],
  [
    'by the difference where there is no share of zero',
    read({ Fares: { '2025-03-01': 0, '2026-03-01': 250 } }),
    '2026-03-01',
    ['Mar 2026', '250', '', '+250', 'on Mar 2025'],
  ],
  [
    'of a negative figure as a share of its size',
    read({ Fares: { '2025-03-01': -200, '2026-03-01': -150 } }),
    '2026-03-01',
    ['Mar 2026', '−150', '', '+25.0%', 'on Mar 2025'],
  ],
  [
    'nothing where the year before has no figure',
    read({ Fares: { '2025-03-01': null, '2025-04-01': 3, '2026-03-01': 250 } }),
    '2026-03-01',
    ['Mar 2026', '250', '', '', ''],
  ],
  [
    'nothing of a month that is not finished',
    read({ Fares: { '2025-06-01': 200, '2026-06-01': 30 } }),
    '2026-06-01',
    ['Jun 2026', '30', '', '', ''],
  ],
  [
    'nothing on a 29 February',
    read({ Fares: { '2023-02-28': 1, '2023-03-01': 1, '2024-02-29': 5 } }, { grain: 'day' }),
    '2024-02-29',
    ['29 Feb 2024', '5', '', '', ''],
  ],
  [
    'a week by its number',
    read({ Fares: { '2019-12-30': 100, '2021-01-04': 110 } }, { grain: 'week' }),
    '2021-01-04',
    ['week 1 of 2021', '110', '', '+10.0%', 'on week 1 of 2020'],
  ],
  [
    'nothing in a week 53 that the year before does not have',
    read({ Fares: { '2019-12-30': 100, '2020-12-28': 110 } }, { grain: 'week' }),
    '2020-12-28',
    ['week 53 of 2020', '110', '', '', ''],
  ],
  [
    'how far it is from its mark, and that it is off',
    read({ Fares: { '2026-03-01': 90 }, Budget: { '2026-03-01': 50 } }, {}, { good: 'atMost' }),
    '2026-03-01',
    ['Mar 2026', '90', '40 over Budget, off the mark', '', ''],
  ],
  [
    'what is held against a mark before what is greater',
    read({ Fares: { '2026-03-01': 9 }, Budget: { '2026-03-01': 50 } }, {}, { good: 'atMost' }),
    '2026-03-01',
    ['Mar 2026', '9', '41 under Budget', '', ''],
  ],
])('says at a period %s', (_what, reading, at, wanted) => {
  expect(saidAt(reading, at)).toEqual(wanted);
});

it('sets years that are laid over each other beside their own years before', () => {
  const reading = read(
    { Fares: { '2024-03-01': 100, '2025-03-01': 200, '2026-03-01': 250 } },
    { arrangement: { kind: 'years' }, ...shownFrom('2025-01-01') },
  );
  const march = readOutAt(reading, 2);
  expect(march?.rows.map(({ line, change }) => [line.name, change])).toEqual([
    ['2026', '+25.0%'],
    ['2025', '+100.0%'],
  ]);
  expect(march?.onBefore).toBe('on the year before');
});

it('puts the greatest first, and names what has no figure', () => {
  const reading = read({
    Fares: { '2026-03-01': 5 },
    Costs: { '2026-03-01': 9 },
    Fuel: { '2026-02-01': 1 },
  });
  const said = readOutAt(reading, 1);
  expect(said?.rows.map(({ line, figure }) => [line.name, figure])).toEqual([
    ['Costs', '9'],
    ['Fares', '5'],
  ]);
  expect(said?.missing).toEqual(['Fuel']);
  expect(readOutAt(reading, 9)).toBeNull();
});

it('says between two places what has a figure at both, the earlier first', () => {
  const reading = read({ Fares: { '2026-01-01': 5, '2026-03-01': 9 }, Fuel: { '2026-01-01': 1 } });
  const { labels, rows } = readBetween(reading, 2, 0);
  expect(labels).toEqual(['Jan 2026', 'Mar 2026']);
  expect(rows.map(({ line, one, two, change }) => [line.name, one, two, change])).toEqual([
    ['Fares', '5', '9', '+4 (+80.0%)'],
  ]);
});

it.each<[string, ReturnType<typeof read>]>([
  [
    'Fares stands at 90 this year, 40 over Budget.',
    read({ Fares: { '2026-03-01': 90 }, Budget: { '2026-03-01': 50 } }, {}, { good: 'atLeast' }),
  ],
  [
    'Fares was 9 in May 2026, +50.0% on the year before.',
    read({ Fares: { '2025-05-01': 6, '2026-05-01': 9, '2026-06-01': 1 } }),
  ],
  [
    'Costs was highest in May 2026, at 9.',
    read({ Fares: { '2026-05-01': 6 }, Costs: { '2026-04-01': 12, '2026-05-01': 9 } }),
  ],
  [
    '2026 is highest in May, with 9.',
    read(
      { Fares: { '2025-05-01': 6, '2026-04-01': 1, '2026-05-01': 9 } },
      { arrangement: { kind: 'years' } },
    ),
  ],
  ['', read({ Fares: { '2026-05-01': null } })],
])('says a chart in one sentence: %s', (sentence, reading) => {
  expect(sayInOne(reading)).toBe(sentence);
});
