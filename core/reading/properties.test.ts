import fc from 'fast-check';
import { periodsBetween } from '../calendar';
import { chartFrames } from '../figures';
import { draftRule } from '../editing';
import { type SeriesDefinition } from '../chart';
import { testChart, testFrame } from '../testing';
import { numbersIn, numbersOf } from '../testing/numbersIn';
import { cents, charts, from, series } from '../testing/randomCharts';
import { exactSum } from '../values';
import { writeFigure } from '../labels';
import { readChart } from './readChart';
import type { ReadPanel } from './reading';
import { figuresCaught } from './rules';
import { spanOf, zoomed, zoomOn } from './zoomed';

it('judges each finished figure once, and no other', () => {
  fc.assert(
    fc.property(charts, ({ reading, panel, periods }) => {
      const [line] = panel.series;
      const comparison = line?.comparison;
      if (!line || !comparison)
        return expect(
          reading.rules.every(({ warning }) => warning !== '' || periods.length === 0),
        ).toBe(true);
      periods.forEach(({ open }, place) => {
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
    fc.property(charts, ({ panel }) => {
      const comparison = panel.series[0]?.comparison;
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
    fc.property(charts, ({ panel, periods }) => {
      const [line] = panel.series;
      const finished =
        line?.figures.filter((figure, place) => figure !== null && !periods[place]?.open) ?? [];
      for (const { by, figure } of panel.standouts)
        for (const { kind } of by)
          for (const other of finished)
            expect(kind === 'highest' ? figure >= (other ?? 0) : figure <= (other ?? 0)).toBe(true);
      const drawn = panel.series.flatMap(({ figures }) =>
        figures.filter((figure) => figure !== null),
      );
      for (const figure of drawn) {
        expect(figure).toBeGreaterThanOrEqual(panel.axis.from);
        expect(figure).toBeLessThanOrEqual(panel.axis.to);
      }
    }),
  );
});

it('says something true in words about any chart', () => {
  fc.assert(
    fc.property(charts, ({ reading, panel, periods, today }) => {
      const judged = panel.series[0]?.comparison?.judgements.some(Boolean) ?? false;
      expect(reading.standing !== '').toBe(judged);
      expect(reading.summary).not.toMatch(/undefined|NaN|null|Infinity/);
      for (const { name, figures, format } of panel.series) {
        const last = figures.findLastIndex((figure) => figure !== null);
        const end = last < 0 ? '' : writeFigure(figures[last] ?? 0, format);
        if (end)
          expect(reading.summary).toContain(`${name} ends at ${end} in ${periods[last]?.label}`);
      }
      const line = panel.yardsticks.find((each) => each.kind === 'today');
      expect(line?.days.every((day) => day === today + 3)).toBe(true);
    }),
  );
});

it('writes no number in its words that it does not hold', () => {
  fc.assert(
    fc.property(charts, ({ reading, panel }) => {
      const held = numbersOf(reading, panel);
      const { summary, standing, outlook } = reading;
      const told = [summary, standing, ...outlook].flatMap(numbersIn);
      expect(told.filter((number) => !held.has(number))).toEqual([]);
    }),
    { numRuns: 300 },
  );
});

/** Actuals against one level, with the same rows given in some order. */
const levelled = (
  figures: readonly (number | null)[],
  level: number,
  shape: SeriesDefinition['stroke']['shape'],
) => {
  const actual = series('actual', 'actual', { against: 'level', good: 'atLeast' });
  const definition = testChart({
    grain: 'day',
    series: [{ ...actual, stroke: { ...actual.stroke, shape } }],
    yardsticks: [
      {
        id: 'level',
        kind: 'line',
        name: 'Level',
        shading: 'none',
        onAxis: true,
        value: { kind: 'number', number: level },
      },
    ],
    colourRules: [draftRule('off', 'actual', { kind: 'mark', is: 'off' }, 'brick')],
  });
  const periods = periodsBetween(from, from + figures.length - 1, 'day');
  const frame = testFrame({
    periods,
    recordedGrain: 'day',
    completeTo: from + 40_000,
    values: [[...figures]],
  });
  const { frames } = chartFrames(definition, { actual: frame }, from + 40_000);
  return readChart(definition, frames, { today: from + 40_000 }).panels[0]?.series[0];
};

const runs = fc.array(cents, { minLength: 1, maxLength: 25 });
const leads = fc.constantFrom('straight' as const, 'smooth' as const, 'stepped' as const);

it('draws no less of a line below a level that is raised, and tiles the line with its pieces', () => {
  const levels = fc.tuple(fc.integer({ min: -900, max: 900 }), fc.integer({ min: 0, max: 300 }));
  const below = (line: ReturnType<typeof levelled>) =>
    (line?.pieces ?? [])
      .filter(({ judgement }) => judgement === 'off')
      .reduce((sum, { x }) => sum + ((x.at(-1) ?? 0) - (x[0] ?? 0)), 0);
  const length = (line: ReturnType<typeof levelled>) =>
    (line?.pieces ?? []).reduce((sum, { x }) => sum + ((x.at(-1) ?? 0) - (x[0] ?? 0)), 0);
  fc.assert(
    fc.property(runs, levels, leads, (figures, [level, more], shape) => {
      const [low, high] = [levelled(figures, level, shape), levelled(figures, level + more, shape)];
      expect(below(high)).toBeGreaterThanOrEqual(below(low) - 1e-6);
      expect(length(high)).toBeCloseTo(length(low), 6);
      // Pieces that meet do so without gap or overlap.
      const pieces = high?.pieces ?? [];
      pieces.slice(1).forEach(({ x }, at) => {
        expect(x[0] ?? 0).toBeGreaterThanOrEqual((pieces[at]?.x.at(-1) ?? 0) - 1e-9);
      });
    }),
  );
});

it('catches each point by the rule along whose stretch it lies, but for points on the mark', () => {
  fc.assert(
    fc.property(runs, fc.integer({ min: -900, max: 900 }), (figures, level) => {
      const line = levelled(figures, level, 'straight');
      figures.forEach((figure, place) => {
        if (figure === null || figure === level) return;
        const at = from + place + 0.5;
        const around = line?.pieces.filter(({ x }) => (x[0] ?? 0) <= at && at <= (x.at(-1) ?? 0));
        expect(around?.every(({ rule }) => rule === (figure < level ? 'off' : null))).toBe(true);
        expect(line?.caughtBy[place]).toBe(figure < level ? 'off' : null);
      });
    }),
  );
});

it('looks closer at a part without computing anything anew', () => {
  const looks = fc.tuple(charts, fc.nat({ max: 40 }), fc.nat({ max: 40 }));
  fc.assert(
    fc.property(looks, ([{ reading, panel, periods }, one, two]) => {
      if (periods.length === 0) return;
      const [first, last] = [one, two].map((each) => each % periods.length).sort((a, b) => a - b);
      const [begin, end] = [first as number, last as number];
      const near = zoomed(reading, { from: begin, to: end });
      const isAll = begin === 0 && end === periods.length - 1;
      const found = zoomOn(reading, spanOf(reading, { from: begin, to: end }));
      expect(found).toEqual(isAll ? null : { from: begin, to: end });
      const [cut] = near.panels as [ReadPanel];
      expect(near.positions).toEqual(periods.slice(begin, end + 1));
      expect([cut.axis, near.summary]).toEqual([panel.axis, reading.summary]);
      panel.series.forEach((line, at) => {
        const part = cut.series[at];
        expect(part?.figures).toEqual(line.figures.slice(begin, end + 1));
        expect(part?.comparison?.judgements).toEqual(
          line.comparison?.judgements.slice(begin, end + 1),
        );
        // Each period off the mark lies in a spell, also in one that is longer than what is seen.
        const off = part?.comparison?.judgements.flatMap((each, place) =>
          each === 'off' ? [place] : [],
        );
        const inSpells = part?.comparison?.spells.flatMap((spell) =>
          Array.from({ length: spell.to - spell.from + 1 }, (_, step) => spell.from + step),
        );
        expect(inSpells).toEqual(off);
        const [from, to] = [periods[begin]?.start ?? 0, periods[end]?.next ?? 0];
        const length = (pieces: readonly { x: number[] }[], within: boolean) =>
          pieces.reduce((sum, { x }) => {
            const [x0, x1] = [x[0] ?? 0, x.at(-1) ?? 0];
            const cutTo = within ? Math.min(x1, to) - Math.max(x0, from) : x1 - x0;
            return sum + Math.max(0, cutTo);
          }, 0);
        // All of each stroke that lies in sight is there, and nothing beside it.
        expect(length(part?.pieces ?? [], false)).toBeCloseTo(length(line.pieces, true), 6);
        for (const { x } of part?.pieces ?? [])
          expect(Math.min(...x) >= from && Math.max(...x) <= to).toBe(true);
      });
      const within = panel.standouts.filter(({ period }) => period >= begin && period <= end);
      expect(cut.standouts.map(({ period }) => period + begin)).toEqual(
        within.map(({ period }) => period),
      );
    }),
  );
});
