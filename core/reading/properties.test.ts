import fc from 'fast-check';
import { type Grain, grains, periodsBetween } from '../calendar';
import { type ChartDefinition, type SeriesDefinition, seriesFrame } from '../chart';
import type { Frame } from '../frame';
import { exactSum } from '../values';
import { readChart } from './readChart';
import { figuresCaught } from './rules';

const from = 20_454;

const series = (
  id: string,
  role: SeriesDefinition['role'],
  mark: SeriesDefinition['mark'],
): SeriesDefinition => ({
  ...{ id, name: id, role, mark, split: null, colour: null },
  figures: { sourceId: 1, date: 'Day', aggregate: 'sum', column: id },
});

const cents = fc.option(
  fc.integer({ min: -100_000, max: 100_000 }).map((figure) => figure / 100),
  { freq: 5 },
);

/** A chart of two series at any grain, held either way, with any figures, on any day. */
const charts = fc
  .record({
    grain: fc.constantFrom<Grain>(...grains),
    good: fc.constantFrom('atLeast' as const, 'atMost' as const),
    against: fc.constantFrom('plan', 'level', 'nothing'),
    figures: fc.array(fc.record({ actual: cents, plan: cents }), { maxLength: 30 }),
    today: fc.integer({ min: from - 50, max: from + 1200 }),
    level: fc.integer({ min: -500, max: 500 }),
  })
  .map(({ grain, good, against, figures, today, level }) => {
    const definition: ChartDefinition = {
      ...{ version: 1, title: 'Any', grain, span: { from: null, to: null } },
      series: [series('actual', 'actual', { against, good }), series('plan', 'budget', null)],
      yardsticks: [
        {
          id: 'level',
          kind: 'line',
          name: 'Level',
          value: { kind: 'number', number: level },
          onAxis: true,
        },
        {
          id: 'mean',
          kind: 'line',
          name: 'Mean',
          value: { kind: 'statistic', statistic: 'mean', series: 'actual' },
          onAxis: false,
        },
        { id: 'today', kind: 'today', offsetDays: 3 },
      ],
      colourRules: [
        { id: 'off', series: 'actual', when: 'offMark', colour: 'brick' },
        { id: 'on', series: 'actual', when: 'onMark', colour: 'indigo' },
      ],
      standouts: [
        { id: 'high', series: 'actual', pick: 'highest' },
        { id: 'low', series: 'actual', pick: 'lowest' },
      ],
    };
    const periods = periodsBetween(from, from + 20_000, grain, figures.length);
    const frame = (column: 'actual' | 'plan'): Frame => ({
      ...{
        periods,
        keys: [''],
        exact: true,
        recordedGrain: 'day',
        completeTo: from + 40_000,
      },
      values: [figures.map((each) => each[column])],
    });
    const [actual, plan] = definition.series as [SeriesDefinition, SeriesDefinition];
    const frames = {
      actual: seriesFrame(definition, actual, frame('actual')),
      plan: seriesFrame(definition, plan, frame('plan')),
    };
    return { definition, today, reading: readChart(definition, frames, { today }) };
  });

it('judges each finished figure once, and no other', () => {
  fc.assert(
    fc.property(charts, ({ reading }) => {
      const [line] = reading.series;
      const comparison = line?.comparison;
      if (!line || !comparison)
        return expect(
          reading.rules.every(({ warning }) => warning !== '' || reading.periods.length === 0),
        ).toBe(true);
      reading.periods.forEach(({ open }, place) => {
        const both = line.figures[place] !== null && comparison.marks[place] !== null;
        expect(comparison.judgements[place] !== null).toBe(both && !open);
      });
      const caught = reading.rules.flatMap((rule) =>
        figuresCaught(reading, rule.id).map(({ period }) => period),
      );
      expect(reading.rules.reduce((sum, rule) => sum + rule.caught, 0)).toBe(caught.length);
      expect(new Set(caught).size).toBe(caught.length);
      expect(caught.length).toBe(comparison.judgements.filter(Boolean).length);
    }),
  );
});

it('adds the differences of finished periods up to the last running figure, and spells to their part', () => {
  fc.assert(
    fc.property(charts, ({ reading }) => {
      const comparison = reading.series[0]?.comparison;
      if (!comparison) return;
      const finished = comparison.differences.filter(
        (_, place) => comparison.judgements[place] !== null,
      );
      const last = comparison.running.findLast((each) => each !== null) ?? null;
      expect(last).toBe(exactSum(finished));
      const off = comparison.differences.filter(
        (_, place) => comparison.judgements[place] === 'off',
      );
      expect(exactSum(comparison.spells.map(({ total }) => total))).toBe(exactSum(off));
    }),
  );
});

it('picks out no figure beyond another finished one, and holds all of them on its axis', () => {
  fc.assert(
    fc.property(charts, ({ reading }) => {
      const [line] = reading.series;
      const finished =
        line?.figures.filter((figure, place) => figure !== null && !reading.periods[place]?.open) ??
        [];
      for (const { pick, figure } of reading.standouts)
        for (const other of finished)
          expect(pick === 'highest' ? figure >= (other ?? 0) : figure <= (other ?? 0)).toBe(true);
      const drawn = reading.series.flatMap(({ figures }) =>
        figures.filter((figure) => figure !== null),
      );
      for (const figure of drawn) {
        expect(figure).toBeGreaterThanOrEqual(reading.axis.from);
        expect(figure).toBeLessThanOrEqual(reading.axis.to);
      }
    }),
  );
});

it('says something true in words about any chart', () => {
  fc.assert(
    fc.property(charts, ({ reading, today }) => {
      const judged = reading.series[0]?.comparison?.judgements.some(Boolean) ?? false;
      expect(reading.standing !== '').toBe(judged);
      expect(reading.summary).not.toMatch(/undefined|NaN|null|Infinity/);
      const line = reading.yardsticks.find((each) => each.kind === 'today');
      expect(line).toMatchObject({ day: today + 3 });
    }),
  );
});
