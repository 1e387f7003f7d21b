import { parseDay } from '../calendar';
import { chartFrames, drawnChart } from '../figures';
import { type ChartDefinition } from '../chart';
import { testChart, testFrame, testSeries } from '../testing';
import type { Scope } from '../yardsticks';
import { readChart } from './index';

const months = ['2026-01-01', '2026-02-01'].map((text) => parseDay(text) as number);
const today = parseDay('2026-04-20') as number;
const of = { kind: 'statistic', statistic: 'mean', series: 'fares' } as const;
const split = { column: 'Route', order: [], coloured: [], colourBy: null, top: null };
const series = [testSeries('fares', { split })];
const routes = (keys: string[], values: number[][]) => ({
  fares: testFrame({ periods: months, keys, values, completeTo: today }),
});
const all = routes(
  ['East', 'West'],
  [
    [1, 3],
    [100, 300],
  ],
);
const picked = routes(['East'], [[1, 3]]);

/** The mean of the first panel, where a reader has picked one of two routes. */
function mean(scope: Partial<Scope>, more: Partial<ChartDefinition> = {}, isFiltered = true) {
  const value = { ...of, scope: { periods: 'shown', count: 1, per: 'panel', ...scope } as const };
  const line = { kind: 'line', name: 'Mean', shading: 'none', onAxis: true, value } as const;
  const chart = testChart({ series, yardsticks: [{ id: 'm', ...line }], ...more });
  const { frames } = chartFrames(chart, isFiltered ? picked : all, today);
  const unfiltered = isFiltered ? chartFrames(chart, all, today).frames : undefined;
  return readChart(drawnChart(chart), frames, { today, unfiltered }).panels[0]?.yardsticks[0];
}

const panels = { kind: 'panels', shape: 'row', ownAxes: false } as const;

it.each<[string, number, Partial<Scope>, Partial<ChartDefinition>, boolean]>([
  ['what a reader leaves', 2, {}, {}, true],
  ['all that the author shows', 101, { unfiltered: true }, {}, true],
  ['the last of them', 151.5, { unfiltered: true, periods: 'last' }, {}, true],
  ['the same where nobody filters', 101, { unfiltered: true }, {}, false],
  ['the same panel', 2, { unfiltered: true }, { arrangement: panels }, true],
  ['all panels', 101, { unfiltered: true, per: 'chart' }, { arrangement: panels }, true],
])('finds a statistic over %s', (_what, wanted, scope, more, isFiltered) => {
  expect(mean(scope, more, isFiltered)?.value).toBe(wanted);
});

it('says whether it looks past what is filtered', () => {
  expect(mean({ unfiltered: true })?.scope).toBe(
    'mean of fares over 4 finished figures shown, whatever readers filter',
  );
});
