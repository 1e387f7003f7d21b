import { type ChartDefinition, type StyledYardstick } from '../core/chart';
import { draftRule, draftStandout } from '../core/editing';
import { type SeriesFrames } from '../core/figures';
import type { Edge } from '../core/yardsticks';
import { judgedDays } from './judgedDays';

const line = (id: string, value: Edge): StyledYardstick => ({
  id,
  kind: 'line',
  name: id,
  value,
  shading: 'none',
  onAxis: false,
});

/**
 * Four lines of 2,400 days, held against a level that a dial sets, with six yardsticks, four rules and
 * standouts: what is read and drawn anew at every step of the dial.
 */
export function turnedDial(): { chart: ChartDefinition; frames: SeriesFrames; today: number } {
  const { chart, frames, today } = judgedDays();
  const [series] = chart.series;
  const [frame] = Object.values(frames);
  if (!series || !frame) throw new Error('There is nothing to turn a dial on.');
  const of = series.id;
  const limit: Edge = { kind: 'dial', dial: 'limit' };
  return {
    today,
    frames: {
      [of]: {
        ...frame,
        keys: frame.keys.slice(0, 4),
        values: frame.values.slice(0, 4),
        colourPlaces: frame.colourPlaces.slice(0, 4),
        greyed: frame.greyed.slice(0, 4),
      },
    },
    chart: {
      ...chart,
      dials: [
        { kind: 'number', id: 'limit', name: 'Limit', value: 600, from: 200, to: 1000, step: 1 },
      ],
      series: [{ ...series, mark: { against: 'limit', good: 'atLeast' } }],
      yardsticks: [
        line('limit', limit),
        line('mean', { kind: 'statistic', statistic: 'mean', series: of }),
        line('tenth', { kind: 'percentile', percent: 90, series: of }),
        {
          id: 'band',
          kind: 'band',
          name: 'band',
          onAxis: false,
          from: { kind: 'deviation', times: -1, series: of },
          to: { kind: 'deviation', times: 1, series: of },
        },
        { id: 'fifths', kind: 'steps', name: 'fifths', count: 5, series: of },
        { id: 'today', kind: 'today', offsetDays: 0 },
      ],
      colourRules: [
        draftRule('off', of, { kind: 'mark', is: 'off' }, 'brick'),
        draftRule('high', of, { kind: 'yardstick', is: 'over', yardstick: 'tenth' }, 'plum'),
        draftRule('jump', of, { kind: 'change', is: 'up', percent: 20 }, 'ochre'),
        draftRule('on', of, { kind: 'mark', is: 'on' }, 'indigo'),
      ],
      standouts: [
        draftStandout('highest', of, { kind: 'highest' }),
        draftStandout('lowest', of, { kind: 'lowest' }),
        draftStandout('last', of, { kind: 'last' }),
      ],
    },
  };
}
