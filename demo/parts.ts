import {
  type ChartDefinition,
  plainChart,
  plainSeries,
  type SeriesDefinition,
  type SplitDefinition,
} from '../core/chart';
import { draftRule, draftStandout } from '../core/editing';

/** The ids the demo's sources were given, by name. */
export type SourceIds = Readonly<Record<string, number>>;

/** A monthly chart in one picture, with nothing on it. */
export const empty: Omit<ChartDefinition, 'title'> = { ...plainChart, grain: 'month' };

/** Makes series that draw from the demo's sources. */
export const seriesOf =
  (sources: SourceIds) =>
  (
    id: string,
    name: string,
    role: SeriesDefinition['role'],
    figures: [source: string, date: string, aggregate: 'sum' | 'mean', column: string],
    more: Partial<SeriesDefinition> = {},
  ): SeriesDefinition => ({
    id,
    name,
    role,
    ...plainSeries,
    figures: {
      kind: 'rows',
      percent: 50,
      filters: [],
      sourceId: sources[figures[0]] ?? 0,
      date: figures[1],
      aggregate: figures[2],
      column: figures[3],
    },
    ...more,
  });

/** The two colours of a judged series. */
export const judged = (of: string) => [
  draftRule(`${of}-off`, of, { kind: 'mark', is: 'off' }, 'brick'),
  draftRule(`${of}-on`, of, { kind: 'mark', is: 'on' }, 'indigo'),
];

/** The highest and the lowest of a series. */
export const extremes = (of: string) => [
  draftStandout(`${of}-high`, of, { kind: 'highest' }),
  draftStandout(`${of}-low`, of, { kind: 'lowest' }),
];

export const today = { id: 'today', kind: 'today', offsetDays: 0 } as const;

/** A line for each route. */
export const byRoute: SplitDefinition = {
  column: 'Route',
  coloured: [],
  colourBy: null,
  top: null,
  order: ['Fenn to Osk', 'Harbour to Fenn', 'Tarrow to Quill', 'Quill to Skerrow'],
};

/** Figures of a column of the sailings. */
export const sailings = (column: string, taken: 'sum' | 'mean' = 'sum') =>
  ['Sailings', 'Date', taken, column] as [string, string, 'sum' | 'mean', string];
