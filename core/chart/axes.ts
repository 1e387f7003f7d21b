import { boolean, mixed, object, type ObjectSchema, string } from 'yup';
import {
  type DateStyle,
  dateStyles,
  type NumberMarks,
  numberMarks,
  type NumberStyle,
} from '../labels';
import { figure } from '../values';

/** Where a value axis begins: where it suits the figures, at zero, or at the least figure. */
export const axisStarts = ['suited', 'zero', 'data'] as const;
export type AxisStart = (typeof axisStarts)[number];

export interface ValueAxisDefinition {
  starts: AxisStart;
  /** ends that stay, whatever the figures; null: from the figures */
  from: number | null;
  to: number | null;
  /** written along it; empty for none */
  title: string;
  /** null: as the dashboard writes them */
  numbers: NumberStyle | null;
}

/** The axes of a chart, and which of their parts are drawn. */
export interface AxesDefinition {
  first: ValueAxisDefinition;
  /** that of series which stand on a second one; aligned: on the scale of the first */
  second: ValueAxisDefinition & { aligned: boolean };
  /** null: as the dashboard writes them */
  dates: DateStyle | null;
  /** each date is written whole, as "Jan 2026"; missing: what it is part of is written once */
  wholeDates?: true;
  /** written along what stands beneath; missing: nothing */
  title?: string;
  /** the scales are the staff and the tape; values and dates are what is written beside them */
  shown: { gridlines: boolean; scales: boolean; values: boolean; dates: boolean };
}

export const plainAxis: ValueAxisDefinition = {
  starts: 'suited',
  from: null,
  to: null,
  title: '',
  numbers: null,
};

export const plainAxes: AxesDefinition = {
  first: plainAxis,
  second: { ...plainAxis, aligned: false },
  dates: null,
  shown: { gridlines: true, scales: true, values: true, dates: true },
};

export const numberStyleSchema: ObjectSchema<NumberStyle> = object({
  marks: mixed<NumberMarks>()
    .oneOf(Object.keys(numberMarks) as NumberMarks[])
    .required(),
  decimals: figure().integer().min(0).max(6).nullable().defined(),
  short: boolean().required(),
  unit: string().defined().max(12),
  unitAt: mixed<'before' | 'after'>().oneOf(['before', 'after']).required(),
});

export const dateStyleSchema = mixed<DateStyle>().oneOf(dateStyles);

const valueAxis = {
  starts: mixed<AxisStart>().oneOf(axisStarts).required(),
  from: figure().nullable().defined(),
  to: figure()
    .nullable()
    .defined()
    .test('above', 'The axis must end above where it starts.', (to, { parent }) => {
      const { from } = parent as ValueAxisDefinition;
      return to == null || from == null || to > from;
    }),
  title: string().defined().max(120),
  numbers: numberStyleSchema.nullable().defined().default(null),
};

export const axesSchema: ObjectSchema<AxesDefinition> = object({
  first: object(valueAxis),
  second: object({ ...valueAxis, aligned: boolean().required() }),
  dates: dateStyleSchema.nullable().defined().default(null),
  wholeDates: mixed<true>().oneOf([true]).optional(),
  title: string().min(1).max(120).optional(),
  shown: object({
    gridlines: boolean().required(),
    scales: boolean().required(),
    values: boolean().required(),
    dates: boolean().required(),
  }),
});
