import type { ThirdChart } from './fromThird';

/** What of a series version 2 kept otherwise than later ones. */
interface SecondSeries {
  id: string;
  name: string;
  figures: { kind: string };
  split: object | null;
  stroke: { points: boolean };
}

/** A chart as version 2 kept it. */
export interface SecondChart {
  version: 2;
  title: string;
  axis: { starts: string };
  series: SecondSeries[];
  yardsticks: ThirdChart['yardsticks'];
  colourRules: { id: string; series: string; when: 'offMark' | 'onMark'; colour: string }[];
  standouts: { id: string; series: string; pick: 'highest' | 'lowest' | 'first' | 'last' }[];
  /** what was never changed on the way */
  [unchanged: string]: unknown;
}

const axis = { starts: 'suited', from: null, to: null, title: '', numbers: null };

/**
 * Version 3 knows a second value axis, formats, a legend, filters of the chart, kinds of points, dials,
 * conditions of rules and more ways to pick points out.
 */
export function fromSecond(second: SecondChart): ThirdChart {
  const { axis: first, series, colourRules, standouts, ...chart } = second;
  return {
    ...chart,
    version: 3,
    along: { kind: 'periods' },
    dials: [],
    colourRules: colourRules.map(({ id, series: of, when, colour }) => ({
      id,
      series: of,
      name: '',
      condition: { kind: 'mark', is: when === 'offMark' ? 'off' : 'on' },
      effect: 'line',
      colour,
      dash: null,
      width: null,
    })),
    standouts: standouts.map(({ id, series: of, pick }) => ({
      id,
      series: of,
      pick: { kind: pick },
      ties: 'all',
      per: 'series',
      label: ['value', 'date'],
      colour: null,
    })),
    axes: {
      first: { ...axis, ...first },
      second: { ...axis, aligned: false },
      dates: null,
      shown: { gridlines: true, scales: true, values: true, dates: true },
    },
    names: { as: 'ends', yardsticks: false },
    filters: [],
    series: series.map(({ split, stroke, ...each }) => ({
      ...each,
      axis: 'first',
      readings: false,
      split: split && { ...split, colourBy: null },
      stroke: {
        ...stroke,
        points: { at: stroke.points ? 'all' : 'none', colour: null, sizes: [5.5, 16] },
      },
    })),
  };
}
