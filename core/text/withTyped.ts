import {
  type ChartDefinition,
  freeName,
  plainLook,
  type SeriesDefinition,
  type StrokeDefinition,
  type StyledYardstick,
} from '../chart';
import { freshId, placeAfter, withMark } from '../editing';
import { isSameName } from '../formula';
import { namedBy } from '../yardsticks';
import { hasName } from './lines';
import { lookLines } from './lookLines';
import { ownPlace } from './strokes';
import { headSaid, seriesOptions } from './seriesLine';
import type { Sayable, Typed } from './typedLine';

type Change<Of extends keyof Sayable> = (
  chart: ChartDefinition,
  value: Sayable[Of],
) => ChartDefinition;

type NamedThing = { id: string; name: string };

/** A thing in the place of that of its name, or at the end of a list. */
function put<Each extends { id: string }>(
  list: readonly Each[],
  made: Each & Partial<NamedThing>,
  called: string,
): Each[] {
  const ids = list.map(({ id }) => id);
  const same = list.find(
    (each) =>
      made.name !== undefined && isSameName((each as Partial<NamedThing>).name ?? '', made.name),
  );
  if (!same) return [...list, { ...made, id: freshId(called, ids) }];
  return list.map((each) => (each === same ? { ...made, id: same.id } : each));
}

/** The name that a yardstick has from what it is. */
const ownName = (yardstick: StyledYardstick): string => namedBy(yardstick) ?? yardstick.kind;

const withYardstick: Change<'yardstick'> = (chart, value) => ({
  ...chart,
  yardsticks: put(chart.yardsticks, value, value.kind),
});

/** A line that says what "Today" is changes the today line, where there is one alone. */
const withNamed: Change<'yardstick'> = (chart, value) => {
  const [today, ...more] = chart.yardsticks.filter((each) => !hasName(each));
  if (hasName(value) || !today || more.length > 0) return withYardstick(chart, value);
  const yardsticks = chart.yardsticks.map((each) =>
    each === today ? { ...value, id: today.id } : each,
  );
  return { ...chart, yardsticks };
};

const withSeries: Change<'series'> = (chart, value) => {
  const same = chart.series.find(({ name }) => isSameName(name, value.name));
  const before = same ? chart.series.slice(0, chart.series.indexOf(same)) : chart.series;
  const { place } = value.stroke;
  const own = same?.stroke.place ?? placeAfter(before, value);
  const made: SeriesDefinition = {
    ...value,
    mark: same?.mark ?? null,
    stroke: { ...value.stroke, place: place === ownPlace ? own : place },
  };
  return { ...chart, series: put(chart.series, made, 'series') };
};

/** A series that takes the place of the palette that it has, unless it was given another. */
const withOwnPlace = (series: SeriesDefinition, before: SeriesDefinition): SeriesDefinition =>
  series.stroke.place === ownPlace
    ? { ...series, stroke: { ...series.stroke, place: before.stroke.place } }
    : series;

/** A series that has points, where a colour or sizes of theirs were said and nothing of which. */
function withPoints(series: SeriesDefinition, said: Partial<SeriesDefinition>): SeriesDefinition {
  const { points } = series.stroke;
  const named: Partial<StrokeDefinition['points']> = said.stroke?.points ?? {};
  if (points.at !== 'none' || named.at === 'none') return series;
  const at = named.sizes ? 'sized' : named.colour ? 'all' : points.at;
  return { ...series, stroke: { ...series.stroke, points: { ...points, at } } };
}

const changes: { [Of in keyof Sayable]: Change<Of> } = {
  yardstick: withNamed,
  yardstickAlone: (chart, value) =>
    withYardstick(chart, hasName(value) ? named(chart, value) : value),
  series: withSeries,
  seriesNow: (chart, { series, said }) => ({
    ...chart,
    series: chart.series.map((each) =>
      each.id === series
        ? withPoints(withOwnPlace(seriesOptions.over(each, said), each), said)
        : each,
    ),
  }),
  mark: (chart, { series, ...mark }) => withMark(chart, series, mark),
  colourRule: (chart, value) => ({
    ...chart,
    colourRules: [
      ...chart.colourRules,
      {
        ...value,
        id: freshId(
          'rule',
          chart.colourRules.map(({ id }) => id),
        ),
      },
    ],
  }),
  standout: (chart, value) => ({
    ...chart,
    standouts: [
      ...chart.standouts,
      {
        ...value,
        id: freshId(
          value.pick.kind,
          chart.standouts.map(({ id }) => id),
        ),
      },
    ],
  }),
  dial: (chart, value) => ({ ...chart, dials: put(chart.dials, value, 'dial') }),
  filter: (chart, value) => ({ ...chart, filters: [...chart.filters, value] }),
  headNow: (chart, value) => ({ ...chart, ...value }),
  head: (chart, value) => headSaid.over(chart, value),
  look: (chart, value) => lookLines.over(chart, value),
};

/** A yardstick by the name that it has from what it is; none that is there already is changed by it. */
function named(chart: ChartDefinition, value: StyledYardstick): StyledYardstick {
  const taken = chart.yardsticks.map((each) => ('name' in each ? each.name : ''));
  return { ...value, name: freeName(ownName(value), taken) } as StyledYardstick;
}

/**
 * A chart with what a line says: something more, or what the line names as it is said now.
 * @param typed what a line was read as
 */
export const withTyped = (chart: ChartDefinition, { of, value }: Typed): ChartDefinition =>
  (changes[of] as Change<typeof of>)(chart, value as never);

/**
 * What of a chart is drawn before a line is taken: what needs no other figures, and faintly.
 * @param typed what a line was read as
 */
export function previewOf(chart: ChartDefinition, typed: Typed): ChartDefinition | null {
  const { of, value } = typed;
  if (of === 'yardstick' || of === 'yardstickAlone') {
    const look = { ...plainLook, ...value.look, colour: 'grey' as const };
    return withTyped(chart, { of, value: { ...value, look } as StyledYardstick });
  }
  if (of === 'standout') return withTyped(chart, { of, value: { ...value, colour: 'grey' } });
  return ['colourRule', 'look', 'mark'].includes(of) ? withTyped(chart, typed) : null;
}
