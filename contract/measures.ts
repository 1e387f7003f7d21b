import { array, boolean, type InferType, mixed, number, object, string } from 'yup';
import { type Measure, measureSchema } from '../core/measures';
import { figure } from '../core/values';
import { listedChartShape } from './sources';

const name = string().trim().required('Write a name.').max(120);

export const measureBody = object({ name, definition: measureSchema });
export const measureChangeBody = measureBody.shape({
  revision: figure().integer().min(1).required(),
});

/** A measure as it is listed, with the charts that change when it does. */
export interface ListedMeasure extends Measure {
  revision: number;
  charts: InferType<typeof listedChartShape>[];
  /** charts on dashboards that whoever asks may not see */
  otherCharts: number;
}

export const measuresShape = array(
  object({
    id: number().required(),
    sourceId: number().required(),
    name: string().required(),
    definition: mixed().required(),
    revision: number().required(),
    charts: array(listedChartShape).required(),
    otherCharts: number().required(),
  }),
).required();

/** What a measure comes to now: its figure in the last month that has one. */
export const measureValueShape = object({
  /** null: no month has a figure */
  figure: number().nullable().defined(),
  period: string().defined(),
  additive: boolean().required(),
});
export interface MeasureValue {
  figure: number | null;
  period: string;
  additive: boolean;
}
