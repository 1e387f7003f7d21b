import { boolean, lazy, mixed, object, type ObjectSchema, string } from 'yup';
import { grains, parseDay } from '../calendar';
import { aggregates } from '../frame';
import { figure, list } from '../values';
import {
  type ChartDefinition,
  type Colour,
  colours,
  type ColourRuleDefinition,
  type GoodSide,
  goodSides,
  type MarkDefinition,
  type Role,
  roles,
  type SeriesDefinition,
  type SplitDefinition,
  type StandoutDefinition,
  type YardstickDefinition,
  type YardstickValue,
} from './definition';

/** Limits that keep a definition small enough to read, send and draw. */
export const limits = { series: 24, yardsticks: 24, rules: 48, standouts: 48, words: 200 };

const id = string().required().max(40);
const name = string().required().trim().min(1).max(120);
const columnName = string().required().max(200);
const date = string()
  .nullable()
  .defined()
  .test('date', 'Write the date as 2026-11-23.', (text) => text == null || parseDay(text) !== null);

const split: ObjectSchema<SplitDefinition> = object({
  column: columnName,
  order: list(string().required().max(500), limits.words).required(),
});

const mark: ObjectSchema<MarkDefinition> = object({
  against: id,
  good: mixed<GoodSide>().oneOf(goodSides).required(),
});

const series: ObjectSchema<SeriesDefinition> = object({
  id,
  name,
  role: mixed<Role>().oneOf(roles).required(),
  figures: object({
    sourceId: figure().integer().positive().required(),
    date: columnName,
    aggregate: mixed<(typeof aggregates)[number]>().oneOf(aggregates).required(),
    column: string().nullable().defined().max(200),
  }),
  split: split.nullable().defined().default(null),
  mark: mark.nullable().defined().default(null),
  colour: mixed<Colour>().oneOf(colours).nullable().defined(),
});

const yardstickValue = lazy((value: YardstickValue | undefined) =>
  value?.kind === 'statistic'
    ? object({
        kind: mixed<'statistic'>().oneOf(['statistic']).required(),
        statistic: mixed<'mean' | 'median'>().oneOf(['mean', 'median']).required(),
        series: id,
      })
    : object({ kind: mixed<'number'>().oneOf(['number']).required(), number: figure().required() }),
);

const yardstick = lazy((value: YardstickDefinition | undefined) =>
  value?.kind === 'today'
    ? object({
        id,
        kind: mixed<'today'>().oneOf(['today']).required(),
        offsetDays: figure().integer().min(-3660).max(3660).required(),
      })
    : object({
        id,
        kind: mixed<'line'>().oneOf(['line']).required(),
        name,
        value: yardstickValue,
        onAxis: boolean().required(),
      }),
);

const colourRule: ObjectSchema<ColourRuleDefinition> = object({
  id,
  series: id,
  when: mixed<'offMark' | 'onMark'>().oneOf(['offMark', 'onMark']).required(),
  colour: mixed<Colour>().oneOf(colours).required(),
});

const standout: ObjectSchema<StandoutDefinition> = object({
  id,
  series: id,
  pick: mixed<'highest' | 'lowest'>().oneOf(['highest', 'lowest']).required(),
});

/** The form every chart definition must have. */
export const chartSchema = object({
  version: mixed<1>().oneOf([1]).required(),
  title: string().required().trim().min(1).max(160),
  grain: mixed<(typeof grains)[number]>().oneOf(grains).required(),
  span: object({ from: date, to: date }),
  series: list(series, limits.series).required(),
  yardsticks: list(yardstick, limits.yardsticks).required(),
  colourRules: list(colourRule, limits.rules).required(),
  standouts: list(standout, limits.standouts).required(),
}).noUnknown();

/**
 * Reads a chart definition from plain data.
 * @throws ValidationError of Yup, which names every field that is wrong
 */
export function parseChart(data: unknown): ChartDefinition {
  return chartSchema.validateSync(data, {
    stripUnknown: true,
  }) as ChartDefinition;
}
