import {
  createApi,
  type FetchBaseQueryError,
  type FetchBaseQueryMeta,
  type QueryReturnValue,
} from '@reduxjs/toolkit/query/react';
import type {
  Chart,
  ChartFrames,
  Dashboard,
  DashboardSummary,
  GridPlace,
  ListedMeasure,
  MeasureValue,
  Note,
  ProblemBody,
  RowsBehind,
  Session,
  Sharing,
  RemovedSource,
  Source,
  SourceDetail,
  Underway,
  WrittenChart,
} from '../../contract';
import { pageOf } from '../../contract';
import { type BoardStyle, type ChartDefinition } from '../../core/chart';
import { figuresAsked } from '../../core/figures';
import type { MeasureDefinition } from '../../core/measures';
import { checkedFetch, outlivesPage, ownHeader } from './checkedFetch';

const json = (method: string) => (url: string, body?: unknown) => ({ url, method, body });
const post = json('POST');
const put = json('PUT');
const remove = json('DELETE');

type Asked<Data> = QueryReturnValue<Data, FetchBaseQueryError, FetchBaseQueryMeta | undefined>;

/** Asks for a list page by page, until one is not full. */
async function allPages<Entry>(
  path: string,
  ask: (page: string) => Asked<unknown> | PromiseLike<Asked<unknown>>,
): Promise<Asked<Entry[]>> {
  const entries: Entry[] = [];
  for (let page = 1; ; page += 1) {
    const answer = (await ask(page === 1 ? path : `${path}?page=${page}`)) as Asked<Entry[]>;
    if (!answer.data) return answer;
    entries.push(...answer.data);
    if (answer.data.length < pageOf) return { data: entries };
  }
}

/** What a change is answered: the revision that it brings. */
type Revised = Asked<{ revision: number }>;

/** The moves of charts that are on their way, and the revision that each dashboard has come to by them. */
let moves: Promise<unknown> = Promise.resolve();
const moved = new Map<number, number>();

export type NewMeasure = Pick<ListedMeasure, 'name' | 'definition'>;
export type NewNote = Pick<Note, 'day' | 'series' | 'text' | 'colour'>;

/** All that the interface asks of the server. */
export const api = createApi({
  reducerPath: 'api',
  baseQuery: checkedFetch,
  tagTypes: [
    'Measures',
    'Session',
    'Dashboards',
    'Dashboard',
    'Sharing',
    'Sources',
    'Underway',
    'Frames',
  ],
  refetchOnReconnect: true,
  endpoints: (build) => ({
    session: build.query<Session, void>({
      query: () => 'session',
      extraOptions: { shape: 'session' },
      providesTags: ['Session'],
    }),
    signIn: build.mutation<Session, { email: string; password: string }>({
      query: (body) => post('session', body),
    }),
    signInAsDemo: build.mutation<Session, 'author' | 'reader'>({
      query: (as) => post('session/demo', { as }),
    }),
    /** Says nothing of what came of it: whoever has the account signs in by it. */
    signUp: build.mutation<unknown, { email: string; name: string; password: string }>({
      query: (body) => post('people', body),
    }),
    signOut: build.mutation<Session, void>({ query: () => remove('session') }),

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
    readInChart: build.mutation<{ id: number }, { dashboardId: number; written: WrittenChart }>({
      query: ({ dashboardId, written }) =>
        post(`dashboards/${dashboardId}/charts/read-in`, written),
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

    writeNote: build.mutation<Note, NewNote & { chartId: number }>({
      query: ({ chartId, ...body }) => post(`charts/${chartId}/notes`, body),
      extraOptions: { shape: 'note' },
      invalidatesTags: ['Dashboard'],
    }),
    changeNote: build.mutation<Note, NewNote & { id: number; revision: number }>({
      query: ({ id, ...body }) => put(`notes/${id}`, body),
      extraOptions: { shape: 'note' },
      invalidatesTags: ['Dashboard'],
    }),
    removeNote: build.mutation<unknown, number>({
      query: (id) => remove(`notes/${id}`),
      invalidatesTags: ['Dashboard'],
    }),
    restoreNote: build.mutation<unknown, number>({
      query: (id) => post(`notes/${id}/restore`),
      invalidatesTags: ['Dashboard'],
    }),

    sources: build.query<Source[], void>({
      queryFn: (_, _api, _extra, ask) => allPages<Source>('sources', ask),
      providesTags: ['Sources'],
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
