import { parseDay } from '../calendar';
import type { SeriesDefinition, SplitDefinition } from '../chart';
import { testChart, testFrame, testSeries } from '../testing';
import { chartFrames } from './chartFrames';
import type { SeriesFrame } from './seriesFrame';

const day = (text: string) => parseDay(text) as number;
const months = ['2026-01-01', '2026-02-01', '2026-03-01', '2026-04-01'].map(day);
const frame = testFrame({
  periods: months,
  keys: ['East', 'North', 'West'],
  completeTo: day('2026-04-20'),
  recordedGrain: 'day',
});
const split = { column: 'Route', order: ['West', 'Gone', 'North'], coloured: [], colourBy: null };
const chart = testChart();

describe('the first words of a formula', () => {
  const of = (top: SplitDefinition['top'], additive = true) => {
    const words: SplitDefinition = { ...split, top: null };
    const operand = (id: string) =>
      testSeries(id, {
        split: words,
        hidden: true,
        figures: {
          ...(testSeries(id).figures as Extract<SeriesDefinition['figures'], { kind: 'rows' }>),
          aggregate: additive ? 'sum' : 'mean',
        },
      });
    const ratio = testSeries('ratio', {
      split: { ...words, top },
      figures: { kind: 'formula', text: 'fares / people' },
    });
    const frameOf = (values: number[][]) =>
      testFrame({ ...frame, periods: months.slice(0, 2), values });
    const { frames } = chartFrames(
      { ...chart, series: [operand('fares'), operand('people'), ratio] },
      {
        fares: frameOf([
          [2, 40],
          [9, 30],
          [4, 10],
        ]),
        people: frameOf([
          [2, 10],
          [3, 10],
          [4, 10],
        ]),
      },
      day('2026-04-01'),
    );
    return frames.ratio as SeriesFrame;
  };

  it('are its greatest, and the rest is the ratio of sums', () => {
    const { keys, values, others } = of({ count: 1, by: 'last' });
    expect([keys, others]).toEqual([['East', 'Others'], 'Others']);
    expect(values).toEqual([
      [1, 4],
      [13 / 7, 2],
    ]);
  });

  it('stand alone where the rest cannot be told', () => {
    const { keys, values, others } = of({ count: 2, by: 'total' }, false);
    expect([keys, others]).toEqual([['North', 'East'], null]);
    expect(values).toEqual([
      [3, 3],
      [1, 4],
    ]);
  });
});
