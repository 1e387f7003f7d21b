import fc from 'fast-check';
import { textSizes } from '../../core/chart';
import { grains } from '../../core/calendar';
import type { Narrowing } from '../../core/narrowing';
import { type Held, readView, sayHeldDate, withHeld, withNarrowing, writeView } from './readerView';

const day = fc.integer({ min: 0, max: 40_000 });
const views = fc.record({
  dials: fc.dictionary(
    fc.string({ minLength: 1 }),
    fc.oneof(fc.integer(), fc.constant('2026-04-01')),
    // As what is read from an address: objects with a prototype.
    { noNullPrototype: true },
  ),
  periods: fc.dictionary(fc.integer({ min: 1, max: 99 }).map(String), day, {
    noNullPrototype: true,
  }),
  grains: fc.dictionary(
    fc.integer({ min: 1, max: 99 }).map(String),
    fc.constantFrom('day', 'quarter'),
    { noNullPrototype: true },
  ),
  near: fc.dictionary(
    fc.integer({ min: 1, max: 99 }).map(String),
    fc.tuple(day, fc.double({ min: 0.5, max: 400, noNaN: true })).map(([from, reach]) => ({
      from,
      to: from + reach,
    })),
    { noNullPrototype: true },
  ),
  held: fc.uniqueArray(fc.record({ day, grain: fc.constantFrom(...grains) }), { maxLength: 2 }),
  lit: fc.dictionary(
    fc.oneof(fc.constant('all'), fc.integer({ min: 1, max: 99 }).map(String)),
    fc.oneof(
      fc.record({ names: fc.array(fc.string({ minLength: 1 })), at: fc.oneof(day, fc.string()) }),
      fc.record({ names: fc.constant(null), at: fc.oneof(day, fc.string()) }),
      fc.record({ names: fc.array(fc.string({ minLength: 1 })), at: fc.constant(null) }),
    ),
    { noNullPrototype: true },
  ),
  text: fc.constantFrom(null, ...textSizes),
  narrowings: fc.constantFrom<Narrowing[]>(
    [],
    [{ kind: 'line', chart: 4, series: 'series', word: 'North. East & more' }],
    [
      { kind: 'dates', chart: 4, from: '2026-03-01', to: '2026-07-31' },
      { kind: 'line', chart: 12, series: 'formula-2', word: '' },
    ],
    [{ kind: 'place', chart: 4, word: 'Bank. holiday' }],
  ),
});

it('comes back from the address as it was written, beside what else stands there', () => {
  fc.assert(
    fc.property(views, (view) => {
      const written = writeView(new URLSearchParams('tab=notes&held=2020-01-01'), view);
      expect(readView(new URLSearchParams(written.toString()))).toEqual(view);
      expect(written.get('tab')).toBe('notes');
    }),
  );
});

it('leaves out of an address what it cannot understand', () => {
  const address = new URLSearchParams(
    'held=2026-02-30,soon,2026-03-01,2026-07-01.decade&lit.all=soon&light.x=1&period.4=never&only.dates=4.soon.2026&only.x=1.a.b&near.3=9~2&text=huge',
  );
  expect(readView(address)).toEqual({
    dials: {},
    periods: {},
    grains: {},
    near: {},
    held: [{ day: 20_513, grain: 'day' }],
    lit: {},
    narrowings: [],
    text: null,
  });
});

it('holds two dates at most: a third takes the place of the second, and one that is held goes', () => {
  const steps = [1, 2, 3, 1].map((_, at, all) =>
    all
      .slice(0, at + 1)
      .reduce<Held[]>((held, each) => withHeld(held, { day: each, grain: 'month' }), [])
      .map((held) => held.day),
  );
  expect(steps).toEqual([[1], [1, 2], [1, 3], [3]]);
});

it.each([
  ['2026-03-15', '15 Mar 2026'],
  ['2026-03-15.month', 'Mar 2026'],
  ['2026-07-01.year', '2026'],
])('says a date that is held as what it was held: %s is %s', (written, said) => {
  const { held } = readView(new URLSearchParams({ held: written }));
  expect(held.map(sayHeldDate)).toEqual([said]);
});

it('narrows by one pick of a kind: another takes its place', () => {
  const line = (word: string): Narrowing => ({ kind: 'line', chart: 4, series: 'series', word });
  const dates: Narrowing = { kind: 'dates', chart: 5, from: '2026-03-01', to: '2026-03-31' };
  const picked = [line('East'), dates, line('West')].reduce(withNarrowing, [] as Narrowing[]);
  expect(picked).toEqual([dates, line('West')]);
});
