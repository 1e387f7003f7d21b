import { plainAxes } from './axes';
import type { ChartDefinition, SeriesDefinition } from './definition';
import { plainStroke } from './strokes';

/** What a series is that draws its figures as they are, all in one line. */
export const plainSeries: Omit<SeriesDefinition, 'id' | 'name' | 'role' | 'figures'> = {
  derived: null,
  split: null,
  evenly: false,
  gap: 'open',
  handover: null,
  mark: null,
  stroke: plainStroke,
  readings: false,
  valueAxis: 'first',
  hidden: false,
};

/** What a chart is that draws all there is in one picture, held against nothing. */
export const plainChart: Omit<ChartDefinition, 'title' | 'grain'> = {
  version: 5,
  yearStart: 1,
  axis: { kind: 'periods' },
  span: { kind: 'fixed', from: null, to: null },
  arrangement: { kind: 'one' },
  axes: plainAxes,
  names: { as: 'ends', yardsticks: false },
  filters: [],
  emphasis: null,
  series: [],
  yardsticks: [],
  dials: [],
  colourRules: [],
  standouts: [],
};
