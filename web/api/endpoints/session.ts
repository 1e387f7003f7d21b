import type { Session } from '../../../contract';
import type { Build } from './build';
import { post, remove } from './requests';

/** Who is signed in. */
export const sessionEndpoints = (build: Build) => ({
  session: build.query<Session, void>({
    query: () => 'session',
    extraOptions: { shape: 'session' },
    providesTags: ['Session'],
  }),
  signIn: build.mutation<unknown, { email: string; password: string; code?: string }>({
    query: (body) => post('session', body),
  }),
  signInAsDemo: build.mutation<unknown, 'author' | 'reader'>({
    query: (as) => post('session/demo', { as }),
  }),
  /** Says nothing of what came of it: whoever has the account signs in by it. */
  signUp: build.mutation<unknown, { email: string; name: string; password: string }>({
    query: (body) => post('people', body),
  }),
  signOut: build.mutation<Session, void>({ query: () => remove('session') }),
});
