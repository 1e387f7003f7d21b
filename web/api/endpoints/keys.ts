import type { Build } from './build';
import { post, put } from './requests';

interface Email {
  email: string;
}

/** What is opened by the links of mails. */
export const keysEndpoints = (build: Build) => ({
  /** Says nothing of what came of it: whoever has the account gets a mail. */
  askForReset: build.mutation<unknown, string>({
    query: (email) => post('password-resets', { email }),
  }),
  resetPassword: build.mutation<Email, { token: string; password: string }>({
    query: (body) => put('password-resets', body),
  }),
  join: build.mutation<Email, { token: string; name: string; password: string }>({
    query: (body) => post('people/invited', body),
  }),
  completeSignUp: build.mutation<Email, string>({
    query: (token) => post('people/completed', { token }),
  }),
  agreeToAddress: build.mutation<{ changed: boolean }, { side: 'old' | 'new'; token: string }>({
    query: ({ side, token }) => post(`account/email/${side}`, { token }),
  }),
});
