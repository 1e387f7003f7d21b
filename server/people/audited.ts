import type { Request, RequestHandler } from 'express';
import type { Act } from '../../contract';
import { forget, record, settle } from '../audit';
import type { Database } from '../database';
import { addressOf } from '../http';
import { signedIn } from './sessions';

interface Audited {
  act: Act;
  /** what it is done to, as in "dashboard"; its number is the `id` in the path of the request */
  thing?: string;
  /** what else is told of it */
  about?: (request: Request) => string;
}

/**
 * Writes down what somebody does before it is done, and how it ended: what was done stands there, whatever
 * becomes of this process. Of somebody who is not signed in nothing is done, nor written.
 */
export function audited(database: Database, { act, thing, about }: Audited): RequestHandler {
  const write = async (request: Request) => {
    const signed = await signedIn(database, request);
    if (!signed) return null;
    const { id: personId, email } = signed.person;
    return record(database, {
      act,
      outcome: 'begun',
      personId,
      email,
      thing: thing ? `${thing} ${String(request.params.id)}`.slice(0, 60) : null,
      about: about?.(request) ?? null,
      address: addressOf(request),
    });
  };
  return (request, response, next) => {
    write(request).then((id) => {
      if (id !== null)
        response.once('close', () => {
          const { statusCode, writableFinished } = response;
          const ended = statusCode < 400 ? 'done' : 'refused';
          // Whoever was not let try has done nothing; and could fill the list with it.
          const settled =
            statusCode === 429
              ? forget(database, id)
              : settle(database, id, writableFinished ? ended : 'broken');
          settled.catch((error: unknown) =>
            console.error(`entry ${id} of what was done stays as it was begun:`, error),
          );
        });
      next();
    }, next);
  };
}
