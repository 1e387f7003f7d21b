import { parseDay } from '../calendar';
import type { Scope } from '../yardsticks';
import { testChart, testFrame, testSeries } from '../testing';
import { type ChartDefinition } from '../chart';
import { chartFrames, drawnChart, figuresAsked } from '../figures';
import { readChart } from './index';

const day = (text: string) => parseDay(text) as number;
const months = ['2026-01-01', '2026-02-01', '2026-03-01', '2026-04-01'].map(day);
// April is not over, and March not complete.
const today = day('2026-04-20');
const frame = testFrame({
  periods: months,
  values: [[1, 20, 300, 4000]],
  completeTo: day('2026-03-31'),
});

const chartOver = (periods: Scope['periods'], more: Partial<ChartDefinition> = {}) =>
  testChart({
    series: [testSeries('fares')],
    span: { kind: 'fixed', from: '2026-02-01', to: '2026-02-28' },
    yardsticks: [
      {
        id: 'm',
        kind: 'line',
        name: 'Mean',
        shading: 'none',
        onAxis: true,
        value: {
          kind: 'statistic',
          statistic: 'mean',
          series: 'fares',
          scope: { periods, count: 1, per: 'panel' },
        },
      },
    ],
    ...more,
  });

function meanOver(periods: Scope['periods'], more: Partial<ChartDefinition> = {}, fares = frame) {
  const chart = chartOver(periods, more);
  const { frames } = chartFrames(chart, { fares }, today);
  return readChart(drawnChart(chart), frames, { today }).panels[0]?.yardsticks[0];
}

it('finds a statistic over all finished periods, shown or not, and an open one in neither', () => {
  expect(meanOver('shown')?.value).toBe(20);
  expect(meanOver('all')).toMatchObject({
    value: 107,
    scope: 'mean of fares over all 3 finished figures, shown or not',
  });
  expect(meanOver('all', { span: { kind: 'fixed', from: null, to: null } })?.value).toBe(107);
});

it('sends what is not shown only where a statistic looks at it', () => {
  const sent = (periods: Scope['periods']) =>
    chartFrames(chartOver(periods), { fares: frame }, today).frames.fares?.unshown;
  expect(sent('shown')).toBeUndefined();
  expect(sent('all')?.map((each) => each.map(({ figure }) => figure))).toEqual([[1, 300]]);
  expect(figuresAsked(chartOver('all'))).not.toBe(figuresAsked(chartOver('shown')));
});

it('counts what laid-over years share once', () => {
  const periods = ['2025-11-01', '2025-12-01', '2026-01-01', '2026-02-01'].map(day);
  const fares = { ...frame, periods, values: [[1, 20, 300, 4000]] };
  const span = { kind: 'fixed', from: '2025-12-01', to: '2026-01-31' } as const;
  const over = (kind: 'one' | 'years') =>
    meanOver('all', { span, arrangement: { kind } as ChartDefinition['arrangement'] }, fares);
  // A line for each year; either has the rest beside it.
  expect(over('years')?.value).toBe(over('one')?.value);
  expect(over('one')?.value).toBe(1080.25);
});
