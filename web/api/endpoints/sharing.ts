import type { Sharing } from '../../../contract';
import type { Build } from './build';
import { post, put, remove } from './requests';

/** Who may see a dashboard. */
export const sharingEndpoints = (build: Build) => ({
  sharing: build.query<Sharing, number>({
    query: (id) => `dashboards/${id}/sharing`,
    extraOptions: { shape: 'sharing' },
    providesTags: ['Sharing'],
  }),
  giveAccess: build.mutation<Sharing, { id: number; email: string; role: 'editor' | 'reader' }>({
    query: ({ id, ...body }) => put(`dashboards/${id}/people`, body),
    invalidatesTags: ['Sharing'],
  }),
  takeAccess: build.mutation<Sharing, { id: number; email: string }>({
    query: ({ id, ...body }) => remove(`dashboards/${id}/people`, body),
    invalidatesTags: ['Sharing'],
  }),
  letReadersNote: build.mutation<Sharing, { id: number; readersNote: boolean }>({
    query: ({ id, ...body }) => put(`dashboards/${id}/readers-note`, body),
    invalidatesTags: ['Sharing', 'Dashboard'],
  }),
  makeLink: build.mutation<Sharing, number>({
    query: (id) => post(`dashboards/${id}/links`),
    invalidatesTags: ['Sharing'],
  }),
  takeLinkBack: build.mutation<Sharing, { id: number; linkId: number }>({
    query: ({ id, linkId }) => remove(`dashboards/${id}/links/${linkId}`),
    invalidatesTags: ['Sharing'],
  }),
});
