import type { Frame } from '../frame';
import { type ChartDefinition, plainAxes, plainStroke, type SeriesDefinition } from '../chart';

/** A series of a test: a sum of one column of source 1, and nothing else unless told. */
export const testSeries = (id: string, more: Partial<SeriesDefinition> = {}): SeriesDefinition => ({
  id,
  name: id,
  role: 'actual',
  figures: {
    kind: 'rows',
    sourceId: 1,
    date: 'Day',
    aggregate: 'sum',
    column: id,
    percent: 50,
    filters: [],
  },
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
  ...more,
});

/** A monthly chart of a test, in one picture. */
export const testChart = (more: Partial<ChartDefinition> = {}): ChartDefinition => ({
  version: 4,
  title: 'Test',
  grain: 'month',
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
  ...more,
});

/** A frame of a test: one line of exact figures by month. */
export const testFrame = (more: Partial<Frame> = {}): Frame => ({
  periods: [],
  keys: [''],
  values: [[]],
  exact: true,
  completeTo: null,
  recordedGrain: 'month',
  within: null,
  others: null,
  groups: null,
  along: null,
  readings: null,
  ...more,
});
