import { isSameName, renamedBy } from '../formula';
import { renamedSlots } from '../labels';
import { isFigure } from '../values';
import type { YardstickDefinition } from '../yardsticks';
import { type AxisStart, plainAxes } from './axes';
import { draftRule, draftStandout } from './draft';
import type { ChartDefinition, SeriesDefinition, SplitDefinition } from './definition';
import { freeName, isSamePart, type NamedPart, namedParts, type Part } from './parts';
import type { Role } from './roles';
import { type Colour, noPoints, plainStroke, type StrokeDefinition } from './strokes';
import { takesPalette } from './roleStrokes';

/** A series as version 1 kept it. */
interface FirstSeries extends Pick<SeriesDefinition, 'id' | 'name' | 'mark'> {
  role: Role;
  figures: { sourceId: number; date: string; aggregate: string; column: string | null };
  split: { column: string; order: string[] } | null;
  colour: Colour | null;
}

/** A chart as version 1 kept it. */
interface FirstChart
  extends
    Pick<ChartDefinition, 'title' | 'grain' | 'yardsticks'>,
    Pick<SecondChart, 'colourRules' | 'standouts'> {
  version: 1;
  span: { from: string | null; to: string | null };
  series: FirstSeries[];
}

/** A series as version 2 kept it. */
interface SecondSeries extends Omit<SeriesDefinition, 'axis' | 'split' | 'stroke' | 'readings'> {
  split: Omit<SplitDefinition, 'colourBy'> | null;
  stroke: Omit<StrokeDefinition, 'points'> & { points: boolean };
}

/** A chart as version 2 kept it. */
interface SecondChart extends Omit<
  ChartDefinition,
  | 'version'
  | 'along'
  | 'series'
  | 'axes'
  | 'names'
  | 'filters'
  | 'dials'
  | 'colourRules'
  | 'standouts'
> {
  version: 2;
  axis: { starts: AxisStart };
  series: SecondSeries[];
  colourRules: { id: string; series: string; when: 'offMark' | 'onMark'; colour: Colour }[];
  standouts: { id: string; series: string; pick: 'highest' | 'lowest' | 'first' | 'last' }[];
}

/** A chart as version 3 kept it. */
interface ThirdChart extends Omit<ChartDefinition, 'version'> {
  version: 3;
}

/** A definition as any version stored it. */
export type StoredChart = FirstChart | SecondChart | ThirdChart | ChartDefinition;

/** Turns a definition as any version stored it into one of today's, step by step. */
export function upgradeChart(stored: StoredChart): ChartDefinition {
  const second = stored.version === 1 ? toSecond(withDrawnLevels(stored)) : stored;
  const third = second.version === 2 ? toThird(second) : second;
  return third.version === 3 ? toFourth(third) : third;
}

/** Version 1 let levels through that drew nothing: beyond what can be drawn, or no number at all. */
function withDrawnLevels(stored: FirstChart): FirstChart {
  return { ...stored, yardsticks: stored.yardsticks.filter(hasValue) };
}

const hasValue = (yardstick: YardstickDefinition) =>
  yardstick.kind !== 'line' ||
  yardstick.value.kind !== 'number' ||
  // JSON has no word for what is no number: it was stored as null.
  isFigure(yardstick.value.number);

/** Version 2 knows arrangements, derived series, formulas, filters, gaps and strokes. */
function toSecond({ span, series, yardsticks, ...chart }: FirstChart): SecondChart {
  let taken = 0;
  const placeOf = ({ role, split }: FirstSeries) => {
    const place = taken;
    if (takesPalette(role)) taken += Math.max(1, split?.order.length ?? 1);
    return place;
  };
  return {
    ...chart,
    version: 2,
    span: { kind: 'fixed', ...span },
    yearStart: 1,
    arrangement: { kind: 'one' },
    axis: { starts: 'suited' },
    emphasis: null,
    yardsticks: yardsticks.map((each) =>
      each.kind === 'line' ? { ...each, shading: 'none' } : each,
    ),
    series: series.map((first) => {
      const { colour, figures, split, ...each } = first;
      return {
        ...each,
        figures: {
          kind: 'rows',
          percent: 50,
          filters: [],
          ...figures,
        } as SeriesDefinition['figures'],
        split: split && { ...split, coloured: [], top: null },
        derived: null,
        spread: false,
        gap: 'open',
        handover: null,
        hidden: false,
        stroke: { ...plainStroke, points: false, colour, place: placeOf(first) },
      };
    }),
  };
}

/**
 * Version 3 knows a second value axis, formats, a legend, filters of the chart, kinds of points, dials,
 * conditions of rules and more ways to pick points out.
 */
function toThird({ axis, series, colourRules, standouts, ...chart }: SecondChart): ThirdChart {
  return {
    ...chart,
    version: 3,
    along: { kind: 'periods' },
    dials: [],
    colourRules: colourRules.map(({ id, series: of, when, colour }) =>
      draftRule(id, of, { kind: 'mark', is: when === 'offMark' ? 'off' : 'on' }, colour),
    ),
    standouts: standouts.map(({ id, series: of, pick }) => draftStandout(id, of, { kind: pick })),
    axes: { ...plainAxes, first: { ...plainAxes.first, ...axis } },
    names: { as: 'ends', yardsticks: false },
    filters: [],
    series: series.map(({ split, stroke, ...each }) => ({
      ...each,
      axis: 'first',
      readings: false,
      split: split && { ...split, colourBy: null },
      stroke: { ...stroke, points: { ...noPoints, at: stroke.points ? 'all' : 'none' } },
    })),
  };
}

/**
 * Version 4 has no two series, yardsticks or dials of one name, capitals ignored: later ones get a number
 * after it. What named one of several names the one that was meant.
 */
function toFourth(third: ThirdChart): ChartDefinition {
  const { series, dials } = third;
  const parts = namedParts(third);
  const taken: string[] = [];
  const named = parts.map((part) => {
    const name = freeName(part.name, taken);
    taken.push(name);
    return { ...part, name };
  });
  const nameOf = (part: Part) => named.find((each) => isSamePart(each, part))?.name ?? null;
  const meant = (pool: readonly NamedPart[], name: string) =>
    pool.find((each) => each.name === name) ?? pool.find((each) => isSameName(each.name, name));
  const renamedTo = (pool: readonly NamedPart[]) => (name: string) => {
    const part = meant(pool, name);
    const next = part ? nameOf(part) : null;
    return next === part?.name ? null : next;
  };
  const of = (kind: Part['of']) => parts.filter((part) => part.of === kind);
  const turned = of('dials').filter(({ id }) =>
    dials.some((dial) => dial.id === id && dial.kind === 'number'),
  );
  // In a title the last of several lines counted, and lines before yardsticks.
  const inTitle = [...of('series').reverse(), ...of('yardsticks').reverse()];
  const rename =
    <Each extends { id: string }>(kind: Part['of']) =>
    (each: Each): Each =>
      'name' in each ? { ...each, name: nameOf({ of: kind, id: each.id }) } : each;
  return {
    ...third,
    version: 4,
    title: renamedSlots(third.title, renamedTo(inTitle)),
    yardsticks: third.yardsticks.map(rename('yardsticks')),
    dials: dials.map(rename('dials')),
    series: series.map((each) => {
      const others = of('series').filter(({ id }) => id !== each.id);
      const { figures } = each;
      const text =
        figures.kind === 'formula' && renamedBy(figures.text, renamedTo([...others, ...turned]));
      return {
        ...rename('series')(each),
        figures: text === false ? figures : { kind: 'formula', text },
      } as SeriesDefinition;
    }),
  };
}
