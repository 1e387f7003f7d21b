import type { RequestHandler } from 'express';
import { Refusal } from './refusals';

/**
 * Refuses writes that another site's page has sent: beside the SameSite cookie, the browser's own
 * word on where a request comes from, and a header that a form of another site cannot add.
 */
export const sameSiteOnly: RequestHandler = (request, _response, next) => {
  if (request.method === 'GET' || request.method === 'HEAD') return next();
  const origin = request.get('origin');
  const from = origin ? hostOf(origin) : request.get('host');
  const site = request.get('sec-fetch-site') ?? 'same-origin';
  const fromHere = from === request.get('host') && ['same-origin', 'none'].includes(site);
  if (fromHere && request.get('x-stand-mark') === '1') return next();
  next(
    new Refusal(403, {
      code: 'cross-site',
      sentence: 'This request does not come from Stand Mark’s own pages.',
    }),
  );
};

function hostOf(origin: string): string {
  try {
    return new URL(origin).host;
  } catch {
    return '';
  }
}
