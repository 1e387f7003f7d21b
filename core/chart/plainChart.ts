import { plainAxes } from './axes';
import type { ChartDefinition, SeriesDefinition } from './definition';
import { plainStroke } from './strokes';

/** What a series is that draws its figures as they are, all in one line. */
export const plainSeries: Omit<SeriesDefinition, 'id' | 'name' | 'role' | 'figures'> = {
  derived: null,
  split: null,
  spread: false,
  gap: 'open',
  handover: null,
  mark: null,
  stroke: plainStroke,
  readings: false,
  axis: 'first',
  hidden: false,
};

/** What a chart is that draws all there is in one picture, held against nothing. */
export const plainChart: Omit<ChartDefinition, 'title' | 'grain'> = {
  version: 4,
  yearStart: 1,
  along: { kind: 'periods' },
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
