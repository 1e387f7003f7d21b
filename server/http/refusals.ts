import type { ProblemBody } from '../../contract';
import { type Problem, ProblemError } from '../../core/values';

const titles: Record<number, string> = {
  400: 'The request cannot be read',
  401: 'Not signed in',
  403: 'Not allowed',
  404: 'Not found',
  409: 'Changed meanwhile',
  413: 'Too large',
  415: 'Wrong kind of content',
  408: 'Too slow',
  421: 'Another host',
  422: 'Cannot be used as it is',
  429: 'Too many tries',
  503: 'Not available now',
  500: 'Something went wrong here',
};

/** An answer that refuses a request, with a sentence that says what to do. */
export class Refusal extends ProblemError {
  constructor(
    readonly status: number,
    problem: Problem,
    readonly more: Partial<Pick<ProblemBody, 'fields' | 'current'>> & { retryAfter?: number } = {},
  ) {
    super(problem);
  }

  get body(): ProblemBody {
    const { code, sentence, place } = this.problem;
    const { fields, current } = this.more;
    return {
      type: `urn:stand-mark:${code}`,
      title: titles[this.status] ?? 'Refused',
      status: this.status,
      code,
      detail: sentence,
      ...(place && { place }),
      ...(fields && { fields }),
      ...(current !== undefined && { current }),
    };
  }
}

export const notSignedIn = () =>
  new Refusal(401, {
    code: 'not-signed-in',
    sentence: 'You are not signed in, or the session has ended. Sign in again.',
  });

/**
 * @param what as in "chart"
 */
export const notFound = (what: string) =>
  new Refusal(404, {
    code: 'not-found',
    sentence: `There is no such ${what}, or it is not shared with you.`,
  });

/**
 * @param sentence what is not allowed and who could
 */
export const notAllowed = (sentence: string) => new Refusal(403, { code: 'not-allowed', sentence });

/**
 * Somebody else has saved meanwhile; their version goes along so that the two can be compared.
 * @param what as in "chart"
 * @param current how it stands now
 */
export const changedMeanwhile = (what: string, current: unknown) =>
  new Refusal(
    409,
    {
      code: 'changed-meanwhile',
      sentence: `Somebody else has changed this ${what} since you opened it.`,
    },
    { current },
  );

/** Somebody asks for more at the same time than is worked on and waits. */
export const tooManyAtOnce = () =>
  new Refusal(
    429,
    {
      code: 'too-many-at-once',
      sentence: 'Too much is asked for at the same time. Wait a moment, then try again.',
    },
    { retryAfter: 2 },
  );
