import type { ErrorRequestHandler, Response } from 'express';
import { ProblemError } from '../../core/values';
import { diskFull, isDatabaseAway, isDiskFull } from '../database';
import { EngineAway } from '../engine';
import { Refusal } from './refusals';
import { askedFor, log } from './requestLog';

/** Answers every error as application/problem+json (RFC 9457); unforeseen ones say nothing inner. */
export const answerProblem: ErrorRequestHandler = (error, request, response, next) => {
  const refusal = asRefusal(error);
  if (refusal.status === 500)
    log({
      level: 'error',
      event: 'error',
      request: response.locals.requestId,
      ...askedFor(request),
      error: error instanceof Error ? (error.stack ?? error.message) : String(error),
    });
  if (response.headersSent) return next(error);
  send(response, refusal);
};

function asRefusal(error: unknown): Refusal {
  if (error instanceof Refusal) return error;
  if (error instanceof ProblemError) return new Refusal(422, error.problem);
  if (isDiskFull(error)) return new Refusal(507, diskFull);
  if (isDatabaseAway(error)) return databaseAway();
  if (error instanceof EngineAway) return engineAway();
  const status = (error as { status?: unknown }).status;
  if (status === 413)
    return new Refusal(413, {
      code: 'too-large',
      sentence: 'This is larger than what may be sent at once. Send less.',
    });
  if (typeof status === 'number' && status >= 400 && status < 500)
    return new Refusal(400, {
      code: 'malformed',
      sentence: 'The request is not well formed. Load the page again and repeat it.',
    });
  return new Refusal(500, {
    code: 'internal',
    sentence: 'The server met an error of its own. Try again; if it stays, tell whoever runs it.',
  });
}

const engineAway = () =>
  new Refusal(
    503,
    {
      code: 'engine-away',
      sentence:
        'The figures of so many rows could not be worked out just now. Try again in a moment.',
    },
    { retryAfter: 5 },
  );

const databaseAway = () =>
  new Refusal(
    503,
    {
      code: 'database-away',
      sentence:
        'The database does not answer just now. Try again in a moment; what was saved before is safe.',
    },
    // In a cluster another node is at work soon, and who asks before it is waits there until it is.
    { retryAfter: 2 },
  );

function send(response: Response, refusal: Refusal) {
  if (refusal.more.retryAfter) response.set('Retry-After', String(refusal.more.retryAfter));
  // Whoever sends on after a refusal would keep the connection busy.
  if (!response.req.complete) response.set('Connection', 'close');
  response
    .status(refusal.status)
    .type('application/problem+json')
    .send(JSON.stringify(refusal.body));
}
