import express, { type Express, type RequestHandler, type Router } from 'express';
import helmet from 'helmet';
import { settings } from '../settings';
import { answerProblem } from './answerProblem';
import { jsonBody } from './bodies';
import { knownHostsOnly } from './knownHosts';
import { interfacePages } from './pages';
import { notFound } from './refusals';
import { sameSiteOnly } from './sameSite';
import { requestLog } from './requestLog';
import { shareFairly } from './share';

export interface Routes {
  /** what tells whether the server runs, by whatever name it is asked */
  standing: readonly Router[];
  /** what many readers ask for at once; answered together, or from memory */
  reading: readonly Router[];
  /** what waits for files or for figures, in a share of its own */
  streaming: readonly Router[];
  /** what stays open to tell of changes; bounded by itself */
  live: readonly Router[];
  /** everything else */
  usual: readonly Router[];
}

/**
 * Puts the routes of the interface and of the API together.
 * @param routes by what they need of the way to them: reading ones are compressed, streaming ones
 * have no limit of time
 */
export function makeApp({ standing, reading, streaming, live, usual }: Routes): Express {
  const app = express();
  app.disable('x-powered-by');
  app.disable('etag');
  app.set('trust proxy', settings.trustedProxies);
  app.use(requestLog, ...standing, knownHostsOnly, secureFromNowOn);
  app.use(
    '/api',
    dataOnly,
    sameSiteOnly,
    ...reading,
    ...streaming,
    ...live,
    ...jsonBody,
    shareFairly(settings.requestsAtOnce),
    ...usual,
    (_request, _response, next) => next(notFound('address')),
  );
  app.use(pageHeaders, ...interfacePages(), answerProblem);
  return app;
}

/** Who has come over a secure connection comes over such ones for a year. */
const secureFromNowOn: RequestHandler = (request, response, next) => {
  if (request.secure) response.setHeader('Strict-Transport-Security', 'max-age=31536000');
  next();
};

const pageHeaders = helmet({
  contentSecurityPolicy: {
    directives: {
      defaultSrc: ["'self'"],
      // Ant Design and Plotly write their styles as they go.
      styleSrc: ["'self'", "'unsafe-inline'"],
      imgSrc: ["'self'", 'data:', 'blob:'],
      fontSrc: ["'self'", 'data:'],
      connectSrc: ["'self'"],
      frameAncestors: ["'none'"],
      objectSrc: ["'none'"],
      upgradeInsecureRequests: null,
    },
  },
  strictTransportSecurity: false,
  referrerPolicy: { policy: 'no-referrer' },
});

/** What the API answers is data and nothing else. */
const dataHeaders = {
  'Cache-Control': 'no-store',
  'Content-Security-Policy': "default-src 'none'; frame-ancestors 'none'",
  'Referrer-Policy': 'no-referrer',
  'X-Content-Type-Options': 'nosniff',
};

const dataOnly: RequestHandler = (_request, response, next) => {
  for (const [name, value] of Object.entries(dataHeaders)) response.setHeader(name, value);
  next();
};
