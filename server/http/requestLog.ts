import { randomUUID } from 'node:crypto';
import type { Request, RequestHandler } from 'express';
import { settings } from '../settings';

declare module 'express-serve-static-core' {
  interface Locals {
    /** by which what is logged of a request is found again */
    requestId?: string;
  }
}

/** What is written of one thing that happened, as a line of JSON. */
export interface LogEntry {
  level: 'info' | 'error';
  event: string;
  [detail: string]: unknown;
}

/** Writes what happened as a line of its own. */
export function log(entry: LogEntry) {
  const line = JSON.stringify({ time: new Date().toISOString(), ...entry });
  if (entry.level === 'error') console.error(line);
  else console.log(line);
}

/** Who knows the token of a link can open it: it is never written. */
const withoutTokens = (path: string) => path.replace(/^(\/api\/links|\/shared)\/[^/]+/, '$1/…');

/** What is written of every request: what was asked, never by whom or with what. */
export const askedFor = ({ method, originalUrl }: Request) => ({
  method,
  path: withoutTokens(originalUrl.split('?')[0] ?? ''),
});

/**
 * Gives each request an id, which goes back with its answer and into everything that is logged of it.
 * Answers are logged where a setting says so, and those of 500 and above in any case.
 */
export const requestLog: RequestHandler = (request, response, next) => {
  const begun = performance.now();
  const requestId = randomUUID();
  response.locals.requestId = requestId;
  response.setHeader('X-Request-Id', requestId);
  response.once('finish', () => {
    const { statusCode: status } = response;
    const isFailure = status >= 500;
    if (!isFailure && !settings.logRequests) return;
    log({
      level: isFailure ? 'error' : 'info',
      event: 'request',
      request: requestId,
      ...askedFor(request),
      status,
      milliseconds: Math.round(performance.now() - begun),
    });
  });
  next();
};
