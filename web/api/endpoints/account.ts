import type { Account, Audit, Belongings, RecoveryCodes, Secret } from '../../../contract';
import type { Build } from './build';
import { post, put, remove } from './requests';

interface CurrentAndCode {
  current: string;
  code: string;
}

const whenDone = (_: unknown, problem: unknown) => (problem ? [] : ['Session' as const]);

/** One's own account, and what was done by whom. */
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
    invalidatesTags: whenDone,
  }),
  changeEmail: build.mutation<unknown, { current: string; email: string }>({
    query: (body) => put('account/email', body),
  }),
  endSession: build.mutation<unknown, string>({
    query: (id) => remove(`account/sessions/${id}`),
    invalidatesTags: ['Session'],
  }),
  endAllSessions: build.mutation<unknown, void>({ query: () => remove('account/sessions') }),
  beginSecondFactor: build.mutation<Secret, { current: string }>({
    query: (body) => post('account/second-factor', body),
    extraOptions: { shape: 'secret' },
  }),
  confirmSecondFactor: build.mutation<RecoveryCodes, { code: string }>({
    query: (body) => put('account/second-factor', body),
    extraOptions: { shape: 'recoveryCodes' },
    invalidatesTags: whenDone,
  }),
  removeSecondFactor: build.mutation<unknown, CurrentAndCode>({
    query: (body) => remove('account/second-factor', body),
    invalidatesTags: whenDone,
  }),
  renewRecoveryCodes: build.mutation<RecoveryCodes, CurrentAndCode>({
    query: (body) => post('account/recovery-codes', body),
    extraOptions: { shape: 'recoveryCodes' },
    invalidatesTags: whenDone,
  }),
  invite: build.mutation<unknown, { email: string }>({
    query: (body) => post('invitations', body),
  }),
  belongings: build.query<Belongings, void>({
    query: () => 'account/belongings',
    extraOptions: { shape: 'belongings' },
    keepUnusedDataFor: 0,
  }),
  leave: build.mutation<unknown, { current: string; code?: string; heirId: number | null }>({
    query: (body) => remove('account', body),
  }),
  audit: build.query<Audit, Record<string, string | undefined>>({
    query: (params) => ({ url: 'audit', params }),
    extraOptions: { shape: 'audit' },
    keepUnusedDataFor: 0,
  }),
});
