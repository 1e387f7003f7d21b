import { createApi, type FetchBaseQueryError } from '@reduxjs/toolkit/query/react';
import type {
  Chart,
  ChartFrames,
  CopyBody,
  Dashboard,
  DashboardSummary,
  GridPlace,
  ProblemBody,
  RowsBehind,
  WorkedOutCharts,
  WrittenChart,
} from '../../contract';
import { type BoardStyle, type ChartDefinition } from '../../core/chart';
import { figuresAsked } from '../../core/figures';
import { accountEndpoints } from './endpoints/account';
import { tagTypes } from './endpoints/build';
import { keysEndpoints } from './endpoints/keys';
import { measuresEndpoints } from './endpoints/measures';
import { notesEndpoints } from './endpoints/notes';
import { type Asked, allPages, post, put, remove } from './endpoints/requests';
import { sessionEndpoints } from './endpoints/session';
import { sharingEndpoints } from './endpoints/sharing';
import { sourcesEndpoints } from './endpoints/sources';
import { checkedFetch, outlivesPage, ownHeader } from './checkedFetch';

/** What a change is answered: the revision that it brings. */
type Revised = Asked<{ revision: number }>;

/** The moves of charts that are on their way, and the revision that each dashboard has come to by them. */
let moves: Promise<unknown> = Promise.resolve();
const moved = new Map<number, number>();

/** All that the interface asks of the server. */
export const api = createApi({
  reducerPath: 'api',
  baseQuery: checkedFetch,
  tagTypes,
  refetchOnReconnect: true,
  endpoints: (build) => ({
    ...sessionEndpoints(build),
    ...accountEndpoints(build),
    ...keysEndpoints(build),
    ...sharingEndpoints(build),
    ...notesEndpoints(build),
    ...sourcesEndpoints(build),
    ...measuresEndpoints(build),

    dashboards: build.query<DashboardSummary[], void>({
      queryFn: (_, _api, _extra, ask) => allPages<DashboardSummary>('dashboards', ask),
      providesTags: ['Dashboards'],
    }),
    dashboard: build.query<Dashboard, { id: number } | { link: string }>({
      query: (where) => ('link' in where ? `links/${where.link}` : `dashboards/${where.id}`),
      extraOptions: { shape: 'dashboard' },
      providesTags: ['Dashboard'],
    }),
    makeDashboard: build.mutation<{ id: number }, { title: string; zone: string }>({
      query: (body) => post('dashboards', body),
      extraOptions: { shape: 'created' },
      invalidatesTags: ['Dashboards'],
    }),
    renameDashboard: build.mutation<
      { revision: number },
      { id: number; title: string; revision: number }
    >({
      query: ({ id, ...body }) => put(`dashboards/${id}`, body),
      extraOptions: { shape: 'revised' },
      invalidatesTags: ['Dashboards', 'Dashboard'],
    }),
    styleDashboard: build.mutation<
      { revision: number },
      { id: number; style: BoardStyle; revision: number }
    >({
      query: ({ id, ...body }) => put(`dashboards/${id}/style`, body),
      extraOptions: { shape: 'revised' },
      invalidatesTags: ['Dashboard'],
    }),
    arrange: build.mutation<
      { revision: number },
      { id: number; revision: number; places: { chartId: number; place: GridPlace | null }[] }
    >({
      // One move after another: the next one needs the revision that this one brings.
      queryFn: ({ id, revision, places }, _api, _extra, ask) => {
        const asked = moves.then(async () => {
          const latest = Math.max(revision, moved.get(id) ?? 0);
          const answer = await ask(put(`dashboards/${id}/places`, { revision: latest, places }));
          const brought = answer.data as { revision: number } | undefined;
          if (brought) moved.set(id, brought.revision);
          return answer as Revised;
        });
        moves = asked.catch(() => undefined);
        return asked;
      },
      extraOptions: { shape: 'revised' },
      // Charts stand where they were put at once, not when the server has told so.
      onQueryStarted: ({ id, places }, { dispatch, queryFulfilled }) => {
        const shown = dispatch(
          api.util.updateQueryData('dashboard', { id }, ({ charts }) => {
            for (const { chartId, place } of places) {
              const chart = charts.find((each) => each.id === chartId);
              if (chart) chart.place = place;
            }
          }),
        );
        queryFulfilled.catch(shown.undo);
      },
      invalidatesTags: ['Dashboard', 'Dashboards'],
    }),
    removeDashboard: build.mutation<unknown, number>({
      query: (id) => remove(`dashboards/${id}`),
      invalidatesTags: ['Dashboards'],
    }),
    restoreDashboard: build.mutation<unknown, number>({
      query: (id) => post(`dashboards/${id}/restore`),
      invalidatesTags: ['Dashboards'],
    }),

    chart: build.query<Chart, number>({
      query: (id) => `charts/${id}`,
      extraOptions: { shape: 'chart' },
      keepUnusedDataFor: 0,
    }),
    makeChart: build.mutation<{ id: number }, { dashboardId: number; definition: ChartDefinition }>(
      {
        query: ({ dashboardId, definition }) =>
          post(`dashboards/${dashboardId}/charts`, { definition }),
        extraOptions: { shape: 'created' },
        invalidatesTags: ['Dashboard', 'Dashboards'],
      },
    ),
    writtenChart: build.query<WrittenChart, number>({
      query: (id) => `charts/${id}/written`,
      keepUnusedDataFor: 0,
    }),
    workedOut: build.query<WorkedOutCharts, number>({
      query: (id) => `charts/${id}/worked-out`,
      extraOptions: { shape: 'workedOut' },
      providesTags: ['Dashboard'],
    }),
    readInChart: build.mutation<{ id: number }, { dashboardId: number; written: WrittenChart }>({
      query: ({ dashboardId, written }) =>
        post(`dashboards/${dashboardId}/charts/read-in`, written),
      extraOptions: { shape: 'created' },
      invalidatesTags: ['Dashboard', 'Dashboards'],
    }),
    copyChart: build.mutation<{ id: number }, { chartId: number } & CopyBody>({
      query: ({ chartId, ...body }) => post(`charts/${chartId}/copies`, body),
      extraOptions: { shape: 'created' },
      invalidatesTags: ['Dashboard', 'Dashboards'],
    }),
    saveChart: build.mutation<
      { revision: number },
      { id: number; revision: number; definition: ChartDefinition }
    >({
      query: ({ id, ...body }) => ({ ...put(`charts/${id}`, body), keepalive: outlivesPage(body) }),
      extraOptions: { shape: 'revised' },
      invalidatesTags: ['Dashboard', 'Dashboards', 'Frames'],
    }),
    removeChart: build.mutation<unknown, number>({
      query: (id) => remove(`charts/${id}`),
      invalidatesTags: ['Dashboard', 'Dashboards'],
    }),
    restoreChart: build.mutation<unknown, number>({
      query: (id) => post(`charts/${id}/restore`),
      invalidatesTags: ['Dashboard', 'Dashboards'],
    }),
    chartFrames: build.query<
      ChartFrames,
      { chartId: number; link: string | null; dials?: string; grain?: string; narrowed?: string }
    >({
      query: ({ chartId, link, ...asked }) => ({
        url: link ? `links/${link}/charts/${chartId}/frames` : `charts/${chartId}/frames`,
        params: asked,
      }),
      providesTags: ['Frames'],
    }),
    rowsBehind: build.query<
      RowsBehind,
      { chartId: number; series: string; word: string | null; start: number; place: string | null }
    >({
      query: ({ chartId, ...asked }) => ({
        ...post(`charts/${chartId}/rows`, asked),
        headers: ownHeader,
      }),
      providesTags: ['Frames'],
      keepUnusedDataFor: 5,
    }),
    /** The figures of a definition as it stands on the bench; asked anew only when it asks for others. */
    benchFrames: build.query<ChartFrames, { chartId: number; definition: ChartDefinition }>({
      query: ({ chartId, definition }) => ({
        ...post(`charts/${chartId}/frames`, { definition }),
        headers: ownHeader,
      }),
      serializeQueryArgs: ({ queryArgs: { chartId, definition } }) =>
        `${chartId} ${figuresAsked(definition)}`,
      // Figures by the ten thousand: to compare and to freeze each would cost more than to read them.
      structuralSharing: false,
      transformResponse: (figures: ChartFrames) => Object.freeze(figures),
      providesTags: ['Sources'],
    }),
  }),
});

/** The server's word on why it refused; null for what is no refusal. */
export function problemOf(error: unknown): ProblemBody | null {
  const data = (error as FetchBaseQueryError | undefined)?.data;
  return data && typeof data === 'object' && 'detail' in data ? (data as ProblemBody) : null;
}

/** A sentence that says what went wrong and what to do, for any error of a request. */
export function sayProblem(error: unknown): string {
  const problem = problemOf(error);
  if (problem) return problem.detail;
  const status = (error as FetchBaseQueryError | undefined)?.status;
  return status === 'FETCH_ERROR'
    ? 'The server cannot be reached. Check the connection; nothing you wrote here is lost.'
    : 'The server gave an answer that cannot be read. Load the page again.';
}
