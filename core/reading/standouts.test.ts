import { periodsBetween, parseDay } from '../calendar';
import type { ChartDefinition, StandoutDefinition } from '../chart';
import { draftStandout } from '../editing';
import { chartFrames } from '../figures';
import { testChart, testFrame, testSeries } from '../testing';
import { plainScope } from '../yardsticks';
import { readChart } from './readChart';

const day = (text: string) => parseDay(text) as number;
const today = day('2026-07-05');
const months = periodsBetween(day('2026-01-01'), day('2026-06-01'), 'month');
const split = { column: 'Route', order: [], coloured: [], colourBy: null, top: null };

/** Two lines over six months; readers may have left one of them. */
function read(standouts: StandoutDefinition[], more: Partial<ChartDefinition> = {}, kept = 2) {
  const chart = testChart({ series: [testSeries('Fares', { split })], standouts, ...more });
  const framesOf = (lines: number) =>
    chartFrames(
      chart,
      {
        Fares: testFrame({
          periods: months,
          keys: ['Osk', 'Quill'].slice(0, lines),
          values: [
            [9, 4, 6, 2, 5, 7],
            [1, 3, 8, 3, 12, 3],
          ].slice(0, lines),
          completeTo: day('2026-06-30'),
        }),
      },
      today,
    ).frames;
  return readChart(chart, framesOf(kept), { today, unfiltered: framesOf(2) });
}

const of = (pick: StandoutDefinition['pick'], more: Partial<StandoutDefinition> = {}) => ({
  ...draftStandout(`${pick.kind}`, 'Fares', pick),
  ...more,
});

const pointsOf = ({ panels }: ReturnType<typeof read>) =>
  panels.flatMap(({ standouts }) =>
    standouts.map(({ series, period, figure }) => [series.split(':')[1], period, figure]),
  );

const shown = (more: object) => ({ ...plainScope, ...more });
const panels = { arrangement: { kind: 'panels', shape: 'row', ownAxes: false } } as const;
const lastThree = { span: { kind: 'last', count: 3, unit: 'month' } } as never;

it.each<[string, Partial<StandoutDefinition>, Partial<ChartDefinition>, number, unknown[]]>([
  ['what its panel shows', {}, {}, 2, [['Quill', 4, 12]]],
  [
    'each panel',
    {},
    panels,
    2,
    [
      ['Osk', 0, 9],
      ['Quill', 4, 12],
    ],
  ],
  ['all panels together', { scope: shown({ per: 'chart' }) }, panels, 2, [['Quill', 4, 12]]],
  ['the last four', { scope: shown({ periods: 'last', count: 4 }) }, {}, 1, [['Osk', 5, 7]]],
  ['what readers leave', {}, {}, 1, [['Osk', 0, 9]]],
  ['whatever readers filter', { scope: shown({ unfiltered: true }) }, {}, 1, []],
])('finds the highest of %s', (_, more, chart, kept, wanted) => {
  expect(pointsOf(read([of({ kind: 'highest' }, more)], chart, kept))).toEqual(wanted);
});

it('finds the highest of all periods only where it is shown', () => {
  const all = of({ kind: 'highest' }, { scope: shown({ periods: 'all' }) });
  expect(pointsOf(read([all], lastThree, 1))).toEqual([]);
  expect(pointsOf(read([all], lastThree, 2))).toEqual([['Quill', 0, 12]]);
  expect(pointsOf(read([of({ kind: 'highest' })], lastThree, 1))).toEqual([['Osk', 1, 7]]);
  const first = of({ kind: 'first' }, { scope: shown({ periods: 'all' }) });
  expect(pointsOf(read([first], lastThree, 1))).toEqual([]);
});

it('marks a point once that several pick, with a label that names them all', () => {
  const reading = read(
    [
      of({ kind: 'last' }),
      of({ kind: 'largest', count: 2, only: false }, { label: [] }),
      of({ kind: 'highest' }, { side: 'left' }),
    ],
    {},
    1,
  );
  const [last, top] = reading.panels[0]?.standouts ?? [];
  expect(reading.panels[0]?.standouts).toHaveLength(2);
  expect([last?.by.map(({ kind }) => kind), last?.side, last?.more]).toEqual([
    ['last', 'largest'],
    'right',
    'Jun 2026',
  ]);
  // What is not labelled does not say where the label stands.
  expect([top?.by.map(({ kind }) => kind), top?.side, top?.more]).toEqual([
    ['largest', 'highest'],
    'left',
    'Jan 2026',
  ]);
  const both = read([of({ kind: 'first' }), of({ kind: 'highest' })], {}, 1).panels[0]?.standouts;
  expect(both?.map(({ more, label, valued }) => [more, label, valued])).toEqual([
    ['first, highest, Jan 2026', '9', true],
  ]);
});

it('says which standout catches no point that is shown, and which every one', () => {
  const over = (level: number) =>
    of({
      kind: 'meeting',
      condition: { kind: 'value', is: 'over', to: { kind: 'number', number: level } } as never,
    });
  const said = (standouts: StandoutDefinition[], kept = 1) => read(standouts, {}, kept).unmet;
  expect(said([of({ kind: 'highest' })])).toEqual([]);
  expect(said([of({ kind: 'highest' }, { scope: shown({ unfiltered: true }) })])).toEqual([
    'No point that is shown stands out as highest of Fares, whatever readers filter.',
  ]);
  expect(said([over(100)])).toEqual([expect.stringMatching(/^No point that is shown/)]);
  expect(said([over(0)])).toEqual([expect.stringMatching(/^Every point of Fares stands out as/)]);
});
