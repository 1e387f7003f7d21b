import { existsSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import express, { type Express, type Router } from 'express';
import helmet from 'helmet';
import { answerProblem } from './answerProblem';
import { notFound } from './refusals';
import { sameSiteOnly } from './sameSite';

/** The interface, built beside the server. */
const pages = fileURLToPath(new URL('../web', import.meta.url));

/** Puts the routes of the interface and of the API together. */
export function makeApp(routers: readonly Router[]): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(
    helmet({
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
    }),
  );
  app.use(
    '/api',
    noStore,
    sameSiteOnly,
    express.json({ limit: '512kb' }),
    ...routers,
    (_request, _response, next) => next(notFound('address')),
  );
  if (existsSync(pages)) {
    app.use('/assets', express.static(`${pages}/assets`, { immutable: true, maxAge: '1y' }));
    app.use(express.static(pages, { index: false }));
    app.get('/{*path}', (_request, response) =>
      response.sendFile(`${pages}/index.html`, { maxAge: 0 }),
    );
  }
  app.use(answerProblem);
  return app;
}

const noStore: express.RequestHandler = (_request, response, next) => {
  response.set('Cache-Control', 'no-store');
  next();
};
