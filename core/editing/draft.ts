import {
  type ChartDefinition,
  type Colour,
  type ColourRuleDefinition,
  plainAxes,
  plainChart,
  plainSeries,
  type SeriesDefinition,
  type StandoutDefinition,
  takesPalette,
} from '../chart';
import {
  draftAggregate,
  draftAxis,
  draftGoodSide,
  draftGrain,
  draftMeasures,
  draftRole,
  type DraftSource,
} from './draftColumns';
import { withRenamed } from './renaming';
import { axisColumn, axisKind } from '../axis';
import type { ConditionDefinition } from '../conditions';
import { type NumberStyle, plainNumbers } from '../labels';
import { rowsOf } from '../origins';
import { unitOf } from '../table';
import type { PickDefinition } from '../standouts';

/**
 * An id for a new part of a chart, other than those in use.
 * @param base what the id begins with
 * @param used the ids there are
 */
export function freshId(base: string, used: readonly string[]): string {
  if (!used.includes(base)) return base;
  for (let number = 2; ; number += 1) {
    if (!used.includes(`${base}-${number}`)) return `${base}-${number}`;
  }
}

/**
 * The place of the palette that a series takes after those before it, unless somebody gives it
 * another.
 * @param before the series above it, in their order
 * @returns from 0
 */
export const placeAfter = (
  before: readonly SeriesDefinition[],
  { role }: Pick<SeriesDefinition, 'role'>,
): number => (takesPalette(role) ? nextPlace({ series: [...before] }) : 0);

/**
 * The first place of the palette that no series of a chart takes yet.
 * @returns from 0
 */
export function nextPlace(chart: Pick<ChartDefinition, 'series'>): number {
  return chart.series.reduce(
    (next, { role, stroke, split }) =>
      takesPalette(role)
        ? Math.max(next, stroke.place + Math.max(1, split?.order.length ?? 1))
        : next,
    0,
  );
}

/**
 * A first series of a source: the figures that are worth it most, summed, over its first dates; its
 * rows are counted when it has no figures.
 * @param role what it stands for, unless its name says otherwise
 * @param drawn columns that are drawn already, which come last
 */
export function draftSeries(
  source: DraftSource,
  id: string,
  role: SeriesDefinition['role'],
  drawn: readonly string[] = [],
): SeriesDefinition {
  const dates = source.columns.find(({ kind }) => kind === 'date');
  const measures = draftMeasures(source);
  const numbers = measures.find(({ name }) => !drawn.includes(name)) ?? measures[0];
  return {
    id,
    name: numbers ? withoutUnit(numbers.name) : 'Rows',
    role: draftRole(numbers?.name ?? '', role),
    figures: {
      kind: 'rows',
      sourceId: source.id,
      date: dates?.name ?? '',
      aggregate: numbers ? draftAggregate(numbers.name) : 'count',
      column: numbers?.name ?? null,
      percent: 50,
      filters: [],
    },
    ...plainSeries,
  };
}

/**
 * A first chart of a source with its extremes: by month where it can be, with the today line; one
 * without dates over its words, or else over its figures.
 * @param source its columns, the grain it is recorded by, and what its figures are like
 */
export function draftChart(source: DraftSource): ChartDefinition {
  const date = source.columns.find(({ kind }) => kind === 'date');
  const along = date ? null : draftAxis(source);
  const taken = along ? axisColumn(along)?.column : undefined;
  const series = draftSeries(source, 'series', 'actual', taken === undefined ? [] : [taken]);
  const grain = draftGrain(date);
  const unit = draftUnit(source, series);
  const chart: ChartDefinition = {
    ...plainChart,
    ...(unit && { axes: { ...plainAxes, first: { ...plainAxes.first, numbers: unit } } }),
    title: `${series.name} by ${along ? axisKind(along).phrase(along, grain) : grain}`,
    grain,
    ...(along && { axis: along }),
    series: [series],
    yardsticks: along ? [] : [{ id: 'today', kind: 'today', offsetDays: 0 }],
    standouts: [
      draftStandout('highest', series.id, { kind: 'highest' }),
      draftStandout('lowest', series.id, { kind: 'lowest' }),
    ],
  };
  return withPlanned(chart, source);
}

/** How figures are written whose head names their unit, as in "Fares (£)"; null where it names none. */
function draftUnit({ columns }: DraftSource, { figures }: SeriesDefinition): NumberStyle | null {
  const head = rowsOf(figures)?.column ?? '';
  const unit = columns.some(({ name }) => name === head) ? unitOf(head) : null;
  if (unit === null) return null;
  return { ...plainNumbers, unit, unitAt: /^\p{Sc}$/u.test(unit) ? 'before' : 'after' };
}

/** The head of a column without the unit that stands after it. */
const withoutUnit = (head: string): string => {
  const unit = unitOf(head);
  return unit === null ? head : head.slice(0, head.search(/\s*[([][^([]*$/)).trim() || head;
};

/**
 * A first chart with what the columns of its source are told to be by their names: a budget or a target
 * is what the figures are held against, a forecast takes over from them.
 */
function withPlanned(chart: ChartDefinition, source: DraftSource): ChartDefinition {
  const [main] = chart.series;
  const rows = main && rowsOf(main.figures);
  if (!main || !rows || main.role !== 'actual' || rows.column === null) return chart;
  const planned = draftMeasures(source).flatMap(({ name }) => {
    const role = draftRole(name, 'actual');
    return role === 'actual' ? [] : [{ name, role }];
  });
  const mark = planned.find(({ role }) => role !== 'forecast');
  const forecast = planned.find(({ role }) => role === 'forecast');
  const drawn = [mark, forecast].flatMap((each) =>
    each
      ? [
          {
            ...main,
            id: each.role,
            ...each,
            name: withoutUnit(each.name),
            figures: { ...rows, kind: 'rows' as const, column: each.name },
          },
        ]
      : [],
  );
  const series = [forecast ? { ...main, handover: forecast.role } : main, ...drawn];
  const held = { ...chart, series };
  return mark
    ? withMark(held, main.id, { against: mark.role, good: draftGoodSide(main.name) })
    : held;
}

/**
 * A colour rule of a series, in a colour and else as its line is drawn.
 * @param id an id that no rule has
 * @param series the id of the series
 */
export const draftRule = (
  id: string,
  series: string,
  condition: ConditionDefinition,
  colour: Colour,
): ColourRuleDefinition => ({
  id,
  series,
  name: '',
  condition,
  effect: 'line',
  colour,
  dash: null,
  width: null,
});

/**
 * A standout of a series, with its figure and its date.
 * @param id an id that no standout has
 * @param series the id of the series
 */
export const draftStandout = (
  id: string,
  series: string,
  pick: PickDefinition,
): StandoutDefinition => ({
  id,
  series,
  pick,
  ties: 'all',
  per: 'series',
  label: ['value', 'date'],
  colour: null,
});

/**
 * Holds a series against a mark, with the two colour rules that follow it unless it has rules
 * already; without a mark its rules go.
 */
export function withMark(
  chart: ChartDefinition,
  seriesId: string,
  mark: SeriesDefinition['mark'],
): ChartDefinition {
  const series = chart.series.map((each) => (each.id === seriesId ? { ...each, mark } : each));
  const others = chart.colourRules.filter((rule) => rule.series !== seriesId);
  if (!mark) return { ...chart, series, colourRules: others };
  if (others.length < chart.colourRules.length) return { ...chart, series };
  const used = others.map(({ id }) => id);
  const off = draftRule(freshId('off', used), seriesId, { kind: 'mark', is: 'off' }, 'brick');
  const on = draftRule(freshId('on', used), seriesId, { kind: 'mark', is: 'on' }, 'indigo');
  return { ...chart, series, colourRules: [...others, off, on] };
}

/**
 * Changes a series; what names it follows its new name.
 * @param more the fields that become others
 */
export function withChanged(
  chart: ChartDefinition,
  seriesId: string,
  more: Partial<SeriesDefinition>,
): ChartDefinition {
  const { name } = more;
  const changed = {
    ...chart,
    series: chart.series.map((each) =>
      each.id === seriesId ? { ...each, ...more, name: each.name } : each,
    ),
  };
  return name === undefined ? changed : withRenamed(changed, { of: 'series', id: seriesId }, name);
}
