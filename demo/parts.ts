import type { ChartDefinition, SeriesDefinition } from '../core/chart';
import { plainStroke } from '../core/chart';

/** The ids the demo's sources were given, by name. */
export type SourceIds = Readonly<Record<string, number>>;

/** A monthly chart in one picture, with nothing on it. */
export const empty: Omit<ChartDefinition, 'title' | 'series'> = {
  ...{ version: 2, grain: 'month', yearStart: 1 },
  span: { kind: 'fixed', from: null, to: null },
  arrangement: { kind: 'one' },
  axis: { starts: 'suited' },
  emphasis: null,
  ...{ yardsticks: [], colourRules: [], standouts: [] },
};

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
    ...{ id, name, role, derived: null, split: null, spread: false, gap: 'open' },
    ...{ handover: null, mark: null, stroke: plainStroke, hidden: false },
    figures: {
      ...{ kind: 'rows', percent: 50, filters: [] },
      sourceId: sources[figures[0]] ?? 0,
      date: figures[1],
      aggregate: figures[2],
      column: figures[3],
    },
    ...more,
  });

/** The two colours of a judged series. */
export const judged = (of: string) => [
  { id: `${of}-off`, series: of, when: 'offMark', colour: 'brick' } as const,
  { id: `${of}-on`, series: of, when: 'onMark', colour: 'indigo' } as const,
];

/** The highest and the lowest of a series. */
export const extremes = (of: string) => [
  { id: `${of}-high`, series: of, pick: 'highest' } as const,
  { id: `${of}-low`, series: of, pick: 'lowest' } as const,
];

export const today = { id: 'today', kind: 'today', offsetDays: 0 } as const;
