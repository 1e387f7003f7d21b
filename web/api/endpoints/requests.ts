import type {
  FetchBaseQueryError,
  FetchBaseQueryMeta,
  QueryReturnValue,
} from '@reduxjs/toolkit/query/react';
import { pageOf } from '../../../contract';

const json = (method: string) => (url: string, body?: unknown) => ({ url, method, body });
export const post = json('POST');
export const put = json('PUT');
export const remove = json('DELETE');

export type Asked<Data> = QueryReturnValue<
  Data,
  FetchBaseQueryError,
  FetchBaseQueryMeta | undefined
>;

/** Asks for a list page by page, until one is not full. */
export async function allPages<Entry>(
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
