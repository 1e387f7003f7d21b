import fc from 'fast-check';
import { type Grain, grains, periodsBetween } from '../calendar';
import type { SeriesDefinition } from '../chart';
import { draftRule, draftStandout } from '../editing';
import { chartFrames } from '../figures';
import { readChart, type ReadPanel } from '../reading';
import { testChart, testFrame, testSeries } from './charts';

/** The day from which they have figures. */
export const from = 20_454;

export const series = (
  id: string,
  role: SeriesDefinition['role'],
  mark: SeriesDefinition['mark'],
): SeriesDefinition => testSeries(id, { role, mark });

/** A figure of whole cents, or none. */
export const cents = fc.option(
  fc.integer({ min: -100_000, max: 100_000 }).map((figure) => figure / 100),
  { freq: 5 },
);

/** A chart of two series at any grain, held either way, with any figures, on any day. */
export const charts = fc
  .record({
    grain: fc.constantFrom<Grain>(...grains),
    good: fc.constantFrom('atLeast' as const, 'atMost' as const),
    against: fc.constantFrom('plan', 'level', 'nothing'),
    figures: fc.array(fc.record({ actual: cents, plan: cents }), { maxLength: 30 }),
    today: fc.integer({ min: from - 50, max: from + 1200 }),
    level: fc.integer({ min: -500, max: 500 }),
  })
  .map(({ grain, good, against, figures, today, level }) => {
    const definition = testChart({
      grain,
      series: [series('actual', 'actual', { against, good }), series('plan', 'budget', null)],
      yardsticks: [
        {
          id: 'level',
          kind: 'line',
          name: 'Level',
          value: { kind: 'number', number: level },
          shading: 'none',
          onAxis: true,
        },
        {
          id: 'mean',
          kind: 'line',
          name: 'Mean',
          value: { kind: 'statistic', statistic: 'mean', series: 'actual' },
          shading: 'none',
          onAxis: false,
        },
        { id: 'today', kind: 'today', offsetDays: 3 },
      ],
      colourRules: [
        draftRule('off', 'actual', { kind: 'mark', is: 'off' }, 'brick'),
        draftRule('on', 'actual', { kind: 'mark', is: 'on' }, 'indigo'),
      ],
      standouts: [
        draftStandout('high', 'actual', { kind: 'highest' }),
        draftStandout('low', 'actual', { kind: 'lowest' }),
      ],
    });
    const periods = periodsBetween(from, from + 20_000, grain, figures.length);
    const frame = (column: 'actual' | 'plan') =>
      testFrame({
        periods,
        recordedGrain: 'day',
        completeTo: from + 40_000,
        values: [figures.map((each) => each[column])],
      });
    const aggregated = { actual: frame('actual'), plan: frame('plan') };
    const { frames } = chartFrames(definition, aggregated, today);
    const reading = readChart(definition, frames, { today });
    const [panel] = reading.panels as [ReadPanel];
    return { today, reading, panel, periods: reading.positions };
  });
