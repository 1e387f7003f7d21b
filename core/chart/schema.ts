import { boolean, lazy, mixed, object, type ObjectSchema, string, tuple } from 'yup';
import { arrangementSchema } from '../arrangements';
import { type Grain, grains } from '../calendar';
import { emphasisSchema } from '../emphasis';
import { derivedSchema } from '../derived';
import { type Ranking, rankings } from '../frame';
import { mostFilters } from '../measures';
import { figuresSchema } from '../origins';
import { conditionSchema } from '../conditions';
import { dialSchema } from '../dials';
import {
  type PickScope,
  pickSchema,
  pickScopes,
  type Side,
  sides,
  type Ties,
  ties,
} from '../standouts';
import { gaps, type GapTreatment } from '../gaps';
import { figure, list } from '../values';
import { scopeShape, type YardstickDefinition, yardstickSchema } from '../yardsticks';
import {
  type ChartDefinition,
  type ColourRuleDefinition,
  type GoodSide,
  goodSides,
  type MarkDefinition,
  type SplitDefinition,
  type StandoutDefinition,
  labelParts,
  ruleEffects,
} from './definition';
import { axisSchema } from '../axis';
import { axesSchema } from './axes';
import { longestName, sharedName } from './parts';
import { chartFilterSchema } from './chartFilters';
import { replaySchema } from './replay';
import { type Role, roles } from './roles';
import { sheetSchema } from './sheet';
import { spanSchema } from './spans';
import {
  colourSchema,
  type Dash,
  dashes,
  type Gradient,
  gradients,
  pointKinds,
  type PointsDefinition,
  type Shape,
  shapes,
  strokeWidth,
} from './strokes';
import { commentsSchema } from './comments';
import { linkingSchema } from './linking';
import { type StoredChart, upgradeChart } from './upgrades';
import { lookSchema } from './yardstickLook';

/** Limits that keep a definition small enough to read, send and draw. */
export const limits = {
  series: 24,
  yardsticks: 24,
  dials: 12,
  rules: 48,
  standouts: 48,
  words: 200,
};

const id = string().required().max(40);
const name = string().required().trim().min(1).max(longestName);
const columnName = string().required().max(200);
const oneOf = <Value extends string>(values: readonly Value[]) => mixed<Value>().oneOf(values);

const split: ObjectSchema<SplitDefinition> = object({
  column: columnName,
  order: list(string().defined().max(500), limits.words).required(),
  coloured: list(string().defined().max(500), limits.words).required().default([]),
  colourBy: string().nullable().defined().max(200).default(null),
  alike: mixed<true>().oneOf([true]).optional(),
  inInk: list(string().defined().max(500), limits.words).default(undefined).optional(),
  top: object({
    count: figure().integer().min(1).max(40).required(),
    by: oneOf<Ranking>(rankings).required(),
  })
    .nullable()
    .defined()
    .default(null),
});

const mark: ObjectSchema<MarkDefinition> = object({
  against: id,
  good: oneOf<GoodSide>(goodSides).required(),
  pace: boolean(),
  toDate: boolean(),
});

const pointSize = figure().min(1).max(60).required();

const stroke = object({
  colour: colourSchema().nullable().defined(),
  dash: oneOf<Dash>(dashes).nullable().defined(),
  width: strokeWidth().nullable().defined(),
  place: figure().integer().min(0).max(100_000).default(0),
  shape: oneOf<Shape>(shapes).required(),
  points: object({
    at: oneOf<PointsDefinition['at']>(pointKinds).required(),
    colour: colourSchema().nullable().defined(),
    sizes: tuple([pointSize, pointSize]).required(),
  }).required(),
  filled: boolean().required(),
  gradient: oneOf<Gradient>(gradients).optional(),
});

const series = object({
  id,
  name,
  role: oneOf<Role>(roles).required(),
  figures: figuresSchema,
  derived: derivedSchema,
  split: split.nullable().defined().default(null),
  evenly: boolean().required(),
  gap: oneOf<GapTreatment>(gaps).required(),
  handover: string().nullable().defined().max(40),
  mark: mark.nullable().defined().default(null),
  stroke: stroke.required(),
  readings: boolean().required(),
  valueAxis: oneOf<'first' | 'second'>(['first', 'second']).required(),
  fixed: boolean(),
  hidden: boolean().required(),
});

const colourRule: ObjectSchema<ColourRuleDefinition> = object({
  id,
  series: id,
  name: string().defined().max(120).default(''),
  condition: conditionSchema,
  effect: oneOf<ColourRuleDefinition['effect']>(ruleEffects).required(),
  only: string().min(1).max(500).optional(),
  colour: colourSchema().nullable().defined(),
  dash: oneOf<Dash>(dashes).nullable().defined().default(null),
  width: strokeWidth().nullable().defined().default(null),
}) as ObjectSchema<ColourRuleDefinition>;

const standout: ObjectSchema<StandoutDefinition> = object({
  id,
  series: id,
  pick: pickSchema,
  ties: oneOf<Ties>(ties).required(),
  per: oneOf<PickScope>(pickScopes).required(),
  label: list(oneOf<StandoutDefinition['label'][number]>(labelParts).required(), 4).required(),
  side: oneOf<Side>(sides).optional(),
  ...scopeShape,
  colour: colourSchema().nullable().defined().default(null),
}) as ObjectSchema<StandoutDefinition>;

const styledYardstick = lazy((value: unknown) => {
  const plain = yardstickSchema.resolve({ value: value as YardstickDefinition });
  return 'shape' in plain
    ? (plain as ObjectSchema<YardstickDefinition>).shape({
        look: lookSchema.default(undefined).optional(),
      })
    : plain;
});

const isEarlier = (given: unknown) =>
  [1, 2, 3, 4].includes((given as { version?: number } | null)?.version ?? 0);

/** The form every chart definition must have; one of an earlier version is upgraded first. */
export const chartSchema = object({
  version: mixed<5>().oneOf([5]).required(),
  title: string().required().trim().min(1).max(160),
  grain: oneOf(grains).required(),
  readerGrains: list(oneOf<Grain>(grains).required(), grains.length).default(undefined).optional(),
  axis: axisSchema,
  span: spanSchema,
  yearStart: figure().integer().min(1).max(12).required(),
  arrangement: arrangementSchema,
  axes: axesSchema,
  names: object({
    as: oneOf<'ends' | 'legend'>(['ends', 'legend']).required(),
    yardsticks: boolean().required(),
    lettered: mixed<true>().oneOf([true]).optional(),
  }),
  filters: list(chartFilterSchema, mostFilters).required(),
  series: list(series, limits.series).required(),
  yardsticks: list(styledYardstick, limits.yardsticks).required(),
  dials: list(dialSchema, limits.dials).required(),
  colourRules: list(colourRule, limits.rules).required(),
  standouts: list(standout, limits.standouts).required(),
  emphasis: string().nullable().defined().max(600).default(null),
  emphasises: emphasisSchema,
  yardsticksBy: string().max(40).optional(),
  sheet: sheetSchema.default(undefined).optional(),
  replay: replaySchema.default(undefined).optional(),
  notesHidden: boolean(),
  linking: linkingSchema.default(undefined).optional(),
  comments: commentsSchema,
})
  .noUnknown()
  .transform((given: unknown) => (isEarlier(given) ? upgraded(given as StoredChart) : given))
  .test('own-names', '', (chart, context) => {
    const twice = sharedName(
      [...asList(chart.series), ...asList(chart.yardsticks), ...asList(chart.dials)].flatMap(
        (part) => (typeof part?.name === 'string' ? part.name : []),
      ),
    );
    return (
      twice === null ||
      context.createError({
        message: `Two things on the chart are called “${twice}”. Give one of them another name.`,
      })
    );
  });

/** Fields are looked at by themselves, and may be anything when this is asked. */
const asList = (value: unknown) => (Array.isArray(value) ? (value as { name?: unknown }[]) : []);

/** What is no chart of any version is left to be refused as it is. */
function upgraded(given: StoredChart): unknown {
  try {
    return upgradeChart(given);
  } catch (error) {
    if (error instanceof TypeError) return given;
    throw error;
  }
}

/**
 * Reads a chart definition from plain data.
 * @param data as it came in or was stored, of today's version
 * @throws ValidationError of Yup, which names every field that is wrong
 */
export function parseChart(data: unknown): ChartDefinition {
  return chartSchema.validateSync(data, {
    stripUnknown: true,
  }) as ChartDefinition;
}
