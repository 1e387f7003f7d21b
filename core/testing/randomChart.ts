import fc from 'fast-check';
import { arrangementKinds } from '../arrangements';
import {
  type ChartDefinition,
  chartSchema,
  plainLinking,
  plainLook,
  plainPeekLine,
  plainReplay,
  plainSheet,
} from '../chart';
import { conditionKinds } from '../conditions';
import { derivedKinds } from '../derived';
import { originKinds } from '../origins';
import { pickKinds } from '../standouts';
import { edgeKinds, plainScope, yardstickKinds } from '../yardsticks';
import { type Draw, randomOfSchema } from './randomOfSchema';

const kindNames = [
  arrangementKinds.map(({ kind }) => kind),
  conditionKinds.map(({ kind }) => kind),
  derivedKinds.map(({ kind }) => kind),
  originKinds.map(({ kind }) => kind),
  pickKinds.map(({ kind }) => kind),
  edgeKinds.map(({ kind }) => kind),
  yardstickKinds.map(({ kind }) => kind),
  // Of kinds whose list is not offered anywhere.
  'periods recorded numbers words fixed last lastActual thisYear'.split(' '),
  'number date choice dates several percentile deviation'.split(' '),
];
const names = [...new Set<string>(kindNames.flat())];

/** What is around a random chart, for whatever names it. */
export const around = {
  source: [
    { id: 1, name: 'Sailings', date: 'Date' },
    { id: 2, name: 'Harbour log', date: 'Day' },
    { id: 3, name: 'Harbour log', date: 'Day' },
  ],
  measure: [{ id: 4, name: 'Fare a head' }],
  chart: [{ id: 5, name: 'Fares by month' }],
  column: ['Date', 'Route', 'Fare revenue'].map((name) => ({ id: name, name })),
};

const seriesNames = ['Fares', 'Budget "26"', 'the lowest of', 'Quay, works'];
const yardstickNames = ['Limit', 'usual range', '3 Jan 2025'];
const dialNames = ['Fuel limit', 'Depot'];
const idOf = (of: string, at: number) => `${of}${at}`;
const idsOf = (of: string, all: readonly string[]) => all.map((_, at) => idOf(of, at));

const oneOf =
  <Value>(values: readonly Value[]) =>
  (draw: Draw) =>
    draw(fc.constantFrom(...values));

const series = oneOf([...idsOf('s', seriesNames), 'gone']);

const drawn = {
  id: () => '',
  version: () => 5,
  comments: () => undefined,
  place: (draw: Draw) => draw(fc.integer({ min: 0, max: 9 })),
  handover: series,
  against: oneOf([...idsOf('s', seriesNames), ...idsOf('y', yardstickNames)]),
  yardstick: oneOf(idsOf('y', yardstickNames)),
  dial: oneOf([...idsOf('d', dialNames), 'gone']),
  yardsticksBy: oneOf([...idsOf('d', dialNames), 'gone']),
  sourceId: oneOf([1, 2, 3, 77]),
  measureId: oneOf([4, 99]),
  chart: oneOf([5, 6]),
  column: oneOf(['Date', 'Route', 'fare revenue', 'Über "all"']),
  date: oneOf(['Date', 'Day', 'other day']),
};

/** A definition of any kinds at all, in the form in which it is kept. */
export const randomCharts: fc.Arbitrary<ChartDefinition> = fc.gen().map((generate) => {
  const draw: Draw = (arbitrary) => generate(() => arbitrary);
  const fields = (chartSchema as unknown as { fields: Record<string, { innerType?: unknown }> })
    .fields;
  const random = (schema: unknown, more: object = {}) =>
    randomOfSchema(schema, names, { ...drawn, ...more }, draw) as Record<string, unknown>;
  const parts = (field: string, of: string, all: readonly string[]) =>
    all.map((name, at) => {
      const part = random(fields[field]?.innerType, field === 'series' ? {} : { series });
      return { ...part, id: idOf(of, at), ...('name' in part && { name }) };
    });
  const few = (field: string, of: string) =>
    Array.from({ length: draw(fc.integer({ min: 0, max: 3 })) }, (_, at) => ({
      ...random(fields[field]?.innerType, { series }),
      id: idOf(of, at),
    }));
  const rest = Object.fromEntries(
    Object.entries(fields)
      .filter(
        ([field]) => !['series', 'yardsticks', 'dials', 'colourRules', 'standouts'].includes(field),
      )
      .flatMap(([field, schema]) => {
        const value = randomOfSchema(schema, names, drawn, draw, [field]);
        return value === undefined ? [] : [[field, value]];
      }),
  );
  return tidy({
    ...rest,
    version: 5,
    series: parts('series', 's', seriesNames),
    yardsticks: parts('yardsticks', 'y', yardstickNames),
    dials: parts('dials', 'd', dialNames),
    colourRules: few('colourRules', 'r'),
    standouts: few('standouts', 'o'),
  }) as ChartDefinition;
});

type Any = Record<string, unknown>;

/** What a definition keeps of settings that nothing uses beside the others is as it was at first. */
function tidy(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(tidy);
  if (typeof value !== 'object' || value === null) return value;
  const one = Object.fromEntries(
    Object.entries(value).map(([key, each]) => [key, tidy(each)]),
  ) as Any;
  return unused.reduce((kept, put) => put(kept), one);
}

const isSame = (one: unknown, two: unknown) => JSON.stringify(one) === JSON.stringify(two);
const without = (one: Any, field: string, plain: unknown) => {
  const { [field]: value, ...others } = one;
  return value !== undefined && isSame(value, plain) ? others : one;
};

const weekdays = (values: unknown) => (values as number[]).filter((each) => each <= 7);

const unused: readonly ((one: Any) => Any)[] = [
  (one) =>
    'periods' in one && 'per' in one && one.periods !== 'last' ? { ...one, count: 12 } : one,
  (one) =>
    one.kind === 'calendar' && one.part === 'weekdays'
      ? { ...one, values: weekdays(one.values) }
      : one,
  (one) => ('first' in one && 'column' in one && 'series' in one ? { ...one, series: null } : one),
  (one) => without(one, 'scope', plainScope),
  (one) => without(one, 'look', plainLook),
  (one) => without(one, 'sheet', plainSheet),
  (one) => without(one, 'line', plainPeekLine),
  (one) => without(one, 'replay', plainReplay),
  (one) => without(one, 'linking', plainLinking),
  (one) => ('aggregate' in one && one.aggregate !== 'percentile' ? { ...one, percent: 50 } : one),
  (one) => (one.kind === 'recurring' && one.each !== 'weekday' ? { ...one, weekday: 4 } : one),
  (one) =>
    one.kind === 'slope' && one.between !== 'chosen' ? { ...one, from: null, to: null } : one,
  (one) => (one.kind === 'foundDate' && one.at !== 'dial' ? { ...one, dial: null } : one),
  (one) => (one.kind === 'today' && one.dial == null ? without(one, 'back', true) : one),
  (one) =>
    one.kind === 'several' && 'choices' in one
      ? { ...one, value: (one.choices as unknown[]).slice(1) }
      : one,
  (one) => (one.kind === 'choice' ? { ...one, value: (one.choices as unknown[])[0] } : one),
  (one) => (one.kind === 'number' && 'step' in one ? { ...one, to: Number(one.from) + 5 } : one),
  (one) =>
    'starts' in one && one.to !== null && one.from !== null
      ? { ...one, to: Number(one.from) + 1 }
      : one,
];
