import {
  type BaseQueryFn,
  type FetchArgs,
  fetchBaseQuery,
  type FetchBaseQueryError,
  type FetchBaseQueryMeta,
} from '@reduxjs/toolkit/query/react';
import { fetchAnswer } from '../still';
import type { shapes } from './shapes';

/** The header that a form of another site cannot add. */
export const ownHeader = { 'X-Stand-Mark': '1' };

/**
 * Whether a request with such a body goes on its way when its page is left: browsers bound it to 64
 * KB.
 * @param body as it would be written in JSON
 */
export const outlivesPage = (body: object) => new Blob([JSON.stringify(body)]).size < 60_000;

const ask = fetchBaseQuery({
  baseUrl: '/api',
  fetchFn: fetchAnswer,
  // Only writes need it; what is only read was asked for by the browser before, without it.
  prepareHeaders: (headers, { type }) => {
    if (type === 'mutation') headers.set('X-Stand-Mark', ownHeader['X-Stand-Mark']);
  },
});

/**
 * Asks the server. The answer is used at once, and held against its shape in the contract when the
 * page has nothing better to do; one that does not fit is an error of ours, and is thrown as one.
 */
export const checkedFetch: BaseQueryFn<
  string | FetchArgs,
  unknown,
  FetchBaseQueryError,
  { shape?: keyof typeof shapes },
  FetchBaseQueryMeta
> = async (args, api, extra = {}) => {
  const answer = await ask(args, api, {});
  const { shape } = extra;
  if (shape && answer.data !== undefined) whenIdle(() => void check(shape, answer.data));
  return answer;
};

const whenIdle = (work: () => void) =>
  'requestIdleCallback' in window
    ? requestIdleCallback(work, { timeout: 10_000 })
    : setTimeout(work, 3000);

async function check(shape: keyof typeof shapes, data: unknown) {
  const { shapes: known } = await import('./shapes');
  known[shape].validateSync(data);
}
