import { boolean, lazy, mixed, object, type ObjectSchema, string } from 'yup';
import { arrangementSchema } from '../arrangements';
import { grains } from '../calendar';
import { derivedSchema } from '../derived';
import { longestFormula } from '../formula';
import { type Aggregate, aggregates, filterSchema, type Ranking, rankings } from '../frame';
import { gaps, type GapTreatment } from '../gaps';
import { figure, list } from '../values';
import { yardstickSchema } from '../yardsticks';
import {
  type AxisStart,
  axisStarts,
  type ChartDefinition,
  type ColourRuleDefinition,
  type FiguresDefinition,
  type GoodSide,
  goodSides,
  type MarkDefinition,
  type Role,
  roles,
  type SplitDefinition,
  type StandoutDefinition,
  type StandoutPick,
  standoutPicks,
} from './definition';
import { spanSchema } from './spans';
import { type Colour, colours, type Dash, dashes, type Shape, shapes } from './strokes';
import { type StoredChart, upgradeChart } from './upgrade';

/** Limits that keep a definition small enough to read, send and draw. */
export const limits = {
  ...{ series: 24, yardsticks: 24, rules: 48, standouts: 48, words: 200, filters: 12 },
};

const id = string().required().max(40);
const name = string().required().trim().min(1).max(120);
const columnName = string().required().max(200);
const oneOf = <Value extends string>(values: readonly Value[]) => mixed<Value>().oneOf(values);

const split: ObjectSchema<SplitDefinition> = object({
  column: columnName,
  order: list(string().defined().max(500), limits.words).required(),
  coloured: list(string().defined().max(500), limits.words).required().default([]),
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
});

const rows = object({
  kind: oneOf(['rows']).required(),
  sourceId: figure().integer().positive().required(),
  date: columnName,
  aggregate: oneOf<Aggregate>(aggregates).required(),
  column: string().nullable().defined().max(200),
  percent: figure().min(0).max(100).default(50),
  filters: list(filterSchema, limits.filters).default([]),
});

const figuresKinds = {
  rows,
  formula: object({
    kind: oneOf(['formula']).required(),
    text: string().defined().max(longestFormula),
  }),
  constant: object({ kind: oneOf(['constant']).required(), number: figure().required() }),
};

const figures = lazy(
  (value: FiguresDefinition | undefined) => figuresKinds[value?.kind ?? 'rows'] ?? rows,
);

const stroke = object({
  colour: oneOf<Colour>(colours).nullable().defined(),
  dash: oneOf<Dash>(dashes).nullable().defined(),
  width: figure().min(0.5).max(8).nullable().defined(),
  place: figure().integer().min(0).max(100_000).default(0),
  shape: oneOf<Shape>(shapes).required(),
  points: boolean().required(),
  filled: boolean().required(),
});

const series = object({
  id,
  name,
  role: oneOf<Role>(roles).required(),
  figures,
  derived: derivedSchema,
  split: split.nullable().defined().default(null),
  spread: boolean().required(),
  gap: oneOf<GapTreatment>(gaps).required(),
  handover: string().nullable().defined().max(40),
  mark: mark.nullable().defined().default(null),
  stroke: stroke.required(),
  hidden: boolean().required(),
});

const colourRule: ObjectSchema<ColourRuleDefinition> = object({
  id,
  series: id,
  when: oneOf<'offMark' | 'onMark'>(['offMark', 'onMark']).required(),
  colour: oneOf<Colour>(colours).required(),
});

const standout: ObjectSchema<StandoutDefinition> = object({
  id,
  series: id,
  pick: oneOf<StandoutPick>(standoutPicks).required(),
});

/** The form every chart definition must have; one of an earlier version is upgraded first. */
export const chartSchema = object({
  version: mixed<2>().oneOf([2]).required(),
  title: string().required().trim().min(1).max(160),
  grain: oneOf(grains).required(),
  span: spanSchema,
  yearStart: figure().integer().min(1).max(12).required(),
  arrangement: arrangementSchema,
  axis: object({ starts: oneOf<AxisStart>(axisStarts).required() }),
  series: list(series, limits.series).required(),
  yardsticks: list(yardstickSchema, limits.yardsticks).required(),
  colourRules: list(colourRule, limits.rules).required(),
  standouts: list(standout, limits.standouts).required(),
  emphasis: string().nullable().defined().max(600).default(null),
})
  .noUnknown()
  .transform((given: unknown) =>
    (given as { version?: number } | null)?.version === 1
      ? upgradeChart(given as StoredChart)
      : given,
  );

/**
 * Reads a chart definition from plain data.
 * @throws ValidationError of Yup, which names every field that is wrong
 */
export function parseChart(data: unknown): ChartDefinition {
  return chartSchema.validateSync(data, {
    stripUnknown: true,
  }) as ChartDefinition;
}
