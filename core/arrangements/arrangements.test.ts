import fc from 'fast-check';
import { type Grain, nextPeriod, parseDay, periodsBetween } from '../calendar';
import {
  type ArrangementDefinition,
  arrangementKind,
  type CalendarLines,
  type Line,
  type Position,
} from './index';

const day = (text: string) => parseDay(text) as number;

function calendar(
  from: string,
  length: number,
  lines: (Partial<Line> & { id: string; figures: (number | null)[] })[],
  { grain = 'month' as Grain, yearStart = 1, openFrom = Infinity } = {},
): CalendarLines<Line> {
  const periods = periodsBetween(day(from), day(from) + 400_000, grain, length).map(
    (start, place): Position => {
      const next = nextPeriod(start, grain);
      const label = `p${place}`;
      return { start, next, middle: (start + next) / 2, open: place >= openFrom, label };
    },
  );
  const all = lines.map((line): Line => ({
    seriesId: line.id,
    key: '',
    split: false,
    name: line.id,
    plan: false,
    drawn: line.figures,
    absent: [],
    joins: null,
    handsOver: null,
    age: null,
    open: periods.map(({ open }) => open),
    ...line,
  }));
  return { periods, grain, yearStart, lines: all, today: 0 };
}

const arrange = (lines: CalendarLines<Line>, definition: ArrangementDefinition) =>
  arrangementKind(definition).arrange(lines, definition);

const count = (length: number) => Array.from({ length }, (_, at) => at);

it('gives each word a panel in its order, and what is not split a place in all of them', () => {
  const words = ['West', 'East'];
  const split = words.map((key) => ({ id: `a:${key}`, key, split: true, name: key, figures: [1] }));
  const { panels, positions } = arrange(
    calendar('2026-01-01', 1, [...split, { id: 'level', figures: [5] }]),
    { kind: 'panels', shape: 'row', ownAxes: false },
  );
  expect(panels.map(({ title, lines }) => [title, lines.map(({ id }) => id)])).toEqual([
    ['West', ['a:West', 'level']],
    ['East', ['a:East', 'level']],
  ]);
  expect(positions).toHaveLength(1);
});

it('lays years over each other by their months, the latest first in age, a plan for it alone', () => {
  const { positions, panels, axis } = arrange(
    calendar('2024-11-01', 15, [
      { id: 'fares', figures: [...count(14), null] },
      { id: 'budget', plan: true, figures: count(15) },
    ]),
    { kind: 'years' },
  );
  expect([axis, positions.length, positions[0]?.label]).toEqual(['year', 12, 'Jan']);
  const shown = panels[0]?.lines.map(({ id, name, age, figures }) => [id, name, age, figures[11]]);
  expect(shown).toEqual([
    ['fares@2024', 'fares 2024', 2, 1],
    ['fares@2025', 'fares 2025', 1, 13],
    ['budget@2025', 'budget 2025', 1, 13],
  ]);
});

it('lays fiscal years over each other from their own first month', () => {
  const { positions, panels } = arrange(
    calendar('2024-03-01', 14, [{ id: 'fares', figures: count(14) }], { yearStart: 4 }),
    { kind: 'years' },
  );
  expect([positions[0]?.label, positions[11]?.label]).toEqual(['Apr', 'Mar']);
  expect(panels[0]?.lines.map(({ name, figures }) => [name, figures[0], figures[11]])).toEqual([
    ['2024', null, 0],
    ['2025', 1, 12],
    ['2026', 13, null],
  ]);
});

it.each<[string, Grain, number, string]>([
  ['2023-01-01', 'day', 59, '2023'],
  ['2025-12-29', 'week', 52, '2027'],
])(
  'makes no gap of a date or week that a year does not have, from %s by %s',
  (from, grain, place, year) => {
    const { panels, positions } = arrange(
      calendar(from, 800, [{ id: 'fares', figures: count(800) }], { grain }),
      { kind: 'years' },
    );
    const line = panels[0]?.lines.find(({ name }) => name === year);
    const missing = line?.figures[place] === null;
    expect(missing).toBe(true);
    // At the end of a year nothing follows that could be a gap.
    expect(line?.absent[place] ?? false).toBe(place < positions.length - 1);
  },
);

it('keeps every figure once, in whatever way years are laid', () => {
  const grain = fc.constantFrom<Grain>('day', 'week', 'month', 'quarter');
  const yearStart = fc.integer({ min: 1, max: 12 });
  fc.assert(
    fc.property(grain, yearStart, fc.integer({ min: 1, max: 900 }), (by, month, length) => {
      const given = calendar('2023-05-17', length, [{ id: 'a', figures: count(length) }], {
        grain: by,
        yearStart: by === 'week' ? 1 : by === 'quarter' ? 1 : month,
      });
      const { panels, positions } = arrange(given, { kind: 'years' });
      const found = panels.flatMap(({ lines }) =>
        lines.flatMap(({ figures }) => figures.filter((figure) => figure !== null)),
      );
      expect(found.sort((a, b) => (a ?? 0) - (b ?? 0))).toEqual(count(length));
      expect(panels[0]?.lines.every(({ figures }) => figures.length === positions.length)).toBe(
        true,
      );
    }),
    { numRuns: 40 },
  );
});

it('hands over within the year in which it falls', () => {
  const figures = count(24);
  const lines = calendar('2025-01-01', 24, [
    { id: 'actual', figures, handsOver: 14 },
    { id: 'forecast', plan: true, figures, joins: { place: 14, figure: 14 } },
  ]);
  const { panels } = arrange(lines, { kind: 'years' });
  expect(panels[0]?.lines.map(({ id, handsOver, joins }) => [id, handsOver, joins?.place])).toEqual(
    [
      ['actual@2025', null, undefined],
      ['actual@2026', 2, undefined],
      ['forecast@2026', null, 2],
    ],
  );
});

type SlopeCase = [
  string,
  Partial<Extract<ArrangementDefinition, { kind: 'slope' }>>,
  number[],
  string,
  chosen: string | null,
];

it.each<SlopeCase>([
  ['the last finished and the one before', {}, [15, 16], 'p15 to p16', null],
  ['the same a year before', { between: 'yearBefore' }, [4, 16], 'p4 to p16', null],
  ['the one a reader chose and the one before', {}, [7, 8], 'p7 to p8', '2025-09-01'],
  [
    'the one a reader chose and the same a year before',
    { between: 'yearBefore' },
    [1, 13],
    'p1 to p13',
    '2026-02-01',
  ],
  ['what is shown, when no such period is', {}, [15, 16], 'p15 to p16', '2031-09-01'],
  [
    'two that were chosen',
    { between: 'chosen', from: '2025-03-20', to: '2026-01-01' },
    [2, 12],
    'p2 to p12',
    null,
  ],
])('leads a slope between %s', (_, more, ends, described, chosen) => {
  const lines = calendar(
    '2025-01-01',
    18,
    [
      { id: 'a', figures: count(18) },
      { id: 'b', figures: [null] },
    ],
    {
      openFrom: 17,
    },
  );
  const found = arrange(
    { ...lines, chosen: chosen === null ? null : parseDay(chosen) },
    { kind: 'slope', between: 'before', from: null, to: null, ...more },
  );
  expect([found.axis, found.described]).toEqual(['ends', described]);
  // A line without a figure at either end is not drawn.
  expect(found.panels[0]?.lines.map(({ figures }) => figures)).toEqual([ends]);
  expect(found.positions.map(({ middle }) => middle)).toEqual([0, 1]);
});
