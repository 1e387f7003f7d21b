import type { Account } from '../../../contract';
import type { Build } from './build';
import { put, remove } from './requests';

/** One's own account. */
export const accountEndpoints = (build: Build) => ({
  account: build.query<Account, void>({
    query: () => 'account',
    extraOptions: { shape: 'account' },
    providesTags: ['Session'],
  }),
  changeName: build.mutation<{ name: string }, { name: string }>({
    query: (body) => put('account/name', body),
    invalidatesTags: ['Session'],
  }),
  changePassword: build.mutation<unknown, { current: string; password: string }>({
    query: (body) => put('account/password', body),
    invalidatesTags: (_, problem) => (problem ? [] : ['Session']),
  }),
  endSession: build.mutation<unknown, string>({
    query: (id) => remove(`account/sessions/${id}`),
    invalidatesTags: ['Session'],
  }),
  endAllSessions: build.mutation<unknown, void>({ query: () => remove('account/sessions') }),
});
