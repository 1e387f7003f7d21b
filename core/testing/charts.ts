import type { Frame } from '../frame';
import { type ChartDefinition, plainChart, plainSeries, type SeriesDefinition } from '../chart';

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
  ...plainSeries,
  ...more,
});

/** A monthly chart of a test, in one picture. */
export const testChart = (more: Partial<ChartDefinition> = {}): ChartDefinition => ({
  ...plainChart,
  title: 'Test',
  grain: 'month',
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
  axisPlaces: null,
  readings: null,
  ...more,
});
