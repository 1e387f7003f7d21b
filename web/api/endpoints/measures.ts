import type { ListedMeasure, MeasureValue } from '../../../contract';
import type { MeasureDefinition } from '../../../core/measures';
import type { Build } from './build';
import { ownHeader } from '../checkedFetch';
import { post, put, remove } from './requests';

export type NewMeasure = Pick<ListedMeasure, 'name' | 'definition'>;

/** Measures of sources. */
export const measuresEndpoints = (build: Build) => ({
  measures: build.query<ListedMeasure[], number>({
    query: (sourceId) => `sources/${sourceId}/measures`,
    extraOptions: { shape: 'measures' },
    providesTags: ['Measures'],
  }),
  nameMeasure: build.mutation<{ id: number }, { sourceId: number } & NewMeasure>({
    query: ({ sourceId, ...body }) => post(`sources/${sourceId}/measures`, body),
    extraOptions: { shape: 'created' },
    invalidatesTags: ['Measures'],
  }),
  changeMeasure: build.mutation<
    { revision: number },
    { id: number; revision: number } & NewMeasure
  >({
    query: ({ id, ...body }) => put(`measures/${id}`, body),
    extraOptions: { shape: 'revised' },
    invalidatesTags: ['Measures', 'Frames'],
  }),
  removeMeasure: build.mutation<unknown, number>({
    query: (id) => remove(`measures/${id}`),
    invalidatesTags: ['Measures'],
  }),
  restoreMeasure: build.mutation<unknown, number>({
    query: (id) => post(`measures/${id}/restore`),
    invalidatesTags: ['Measures'],
  }),
  measureValue: build.query<MeasureValue, { sourceId: number; definition: MeasureDefinition }>({
    query: ({ sourceId, definition }) => ({
      ...post(`sources/${sourceId}/measures/value`, { definition }),
      headers: ownHeader,
    }),
    extraOptions: { shape: 'measureValue' },
    providesTags: ['Measures', 'Sources'],
    keepUnusedDataFor: 5,
  }),
});
