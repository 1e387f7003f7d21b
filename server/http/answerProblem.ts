import type { ErrorRequestHandler, Response } from 'express';
import { ProblemError } from '../../core/values';
import { isDatabaseAway } from '../database';
import { Refusal } from './refusals';

/** Answers every error as application/problem+json (RFC 9457); unforeseen ones say nothing inner. */
export const answerProblem: ErrorRequestHandler = (error, _request, response, next) => {
  if (response.headersSent) return next(error);
  send(response, asRefusal(error));
};

function asRefusal(error: unknown): Refusal {
  if (error instanceof Refusal) return error;
  if (error instanceof ProblemError) return new Refusal(422, error.problem);
  if (isDatabaseAway(error)) return databaseAway();
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
  console.error(error);
  return new Refusal(500, {
    code: 'internal',
    sentence: 'The server met an error of its own. Try again; if it stays, tell whoever runs it.',
  });
}

const databaseAway = () =>
  new Refusal(
    503,
    {
      code: 'database-away',
      sentence:
        'The database does not answer just now. Try again in a moment; what was saved before is safe.',
    },
    { retryAfter: 5 },
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
