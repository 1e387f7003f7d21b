import type { LoaderFunctionArgs } from 'react-router';
import { api } from '../api';
import { expectPictures } from '../hands';
import { loadLibrary } from '../plot';
import { expectPage } from '../still';
import { store } from './store';

/*
 * What a page shows is asked for the moment its address is known, all at once, while the page's own
 * code is still being read; the page then finds it on its way.
 */

const fresh = { forceRefetch: true, subscribe: false } as const;

async function askForFigures(where: { id: number } | { link: string }) {
  expectPictures();
  const asked = await store.dispatch(api.endpoints.dashboard.initiate(where, fresh));
  const link = 'link' in where ? where.link : null;
  for (const { id: chartId, place } of asked.data?.charts ?? [])
    if (place !== null)
      void store.dispatch(api.endpoints.chartFrames.initiate({ chartId, link }, fresh));
  // Reading the library takes the page a while: in that time the figures are on their way.
  await loadLibrary();
}

/** A dashboard, for those with an account. */
export function loadDashboard({ params, request }: LoaderFunctionArgs): null {
  expectPage(new URL(request.url).pathname);
  void askForFigures({ id: Number(params.id) });
  return null;
}

/** A dashboard by its link. */
export function loadShared({ params }: LoaderFunctionArgs): null {
  void askForFigures({ link: params.token ?? '' });
  return null;
}

/** The bench. */
export function loadBench({ params }: LoaderFunctionArgs): null {
  expectPictures();
  void loadLibrary();
  void store.dispatch(api.endpoints.chart.initiate(Number(params.chartId), fresh));
  void store.dispatch(api.endpoints.dashboard.initiate({ id: Number(params.id) }, fresh));
  return null;
}

/** Who is signed in: every page asks, so it is asked for with the first. */
export function loadSession(): null {
  void store.dispatch(api.endpoints.session.initiate(undefined, { subscribe: false }));
  return null;
}
