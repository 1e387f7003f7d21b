import type {
  FileLimits,
  ListedSource,
  RemovedSource,
  SourceDetail,
  Underway,
} from '../../../contract';
import type { Build } from './build';
import { post, remove, allPages } from './requests';

/** Sources, and what is being brought in. */
export const sourcesEndpoints = (build: Build) => ({
  sources: build.query<ListedSource[], void>({
    queryFn: (_, _api, _extra, ask) => allPages<ListedSource>('sources', ask),
    providesTags: ['Sources', 'Measures'],
  }),
  fileLimits: build.query<FileLimits, void>({
    query: () => 'uploads/limits',
    extraOptions: { shape: 'fileLimits' },
  }),
  underway: build.query<Underway[], void>({
    query: () => 'deliveries',
    providesTags: ['Underway'],
  }),
  forgetDelivery: build.mutation<unknown, number>({
    query: (id) => remove(`deliveries/${id}`),
    invalidatesTags: ['Underway'],
  }),
  removedSources: build.query<RemovedSource[], void>({
    query: () => 'sources/removed',
    extraOptions: { shape: 'removedSources' },
    providesTags: ['Sources'],
  }),
  source: build.query<SourceDetail, number>({
    query: (id) => `sources/${id}`,
    extraOptions: { shape: 'source' },
    providesTags: ['Sources'],
  }),
  words: build.query<string[], { sourceId: number; column: string }>({
    query: ({ sourceId, column }) => ({ url: `sources/${sourceId}/words`, params: { column } }),
    extraOptions: { shape: 'words' },
    providesTags: ['Sources'],
  }),
  standOnVersion: build.mutation<unknown, { id: number; versionId: number }>({
    query: ({ id, versionId }) => post(`sources/${id}/versions/${versionId}/use`),
    invalidatesTags: ['Sources', 'Frames'],
  }),
  removeSource: build.mutation<unknown, number>({
    query: (id) => remove(`sources/${id}`),
    invalidatesTags: ['Sources'],
  }),
  restoreSource: build.mutation<unknown, number>({
    query: (id) => post(`sources/${id}/restore`),
    invalidatesTags: ['Sources'],
  }),
});
