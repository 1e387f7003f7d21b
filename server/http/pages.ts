import { existsSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import type { RequestHandler } from 'express';
import sirv from 'sirv';

/** The interface, built beside the server. */
const folder = fileURLToPath(new URL('../web', import.meta.url));

/**
 * Serves the interface. Files are sent as they were compressed when they were built; every address
 * that is no file is the page, which finds its way by itself.
 */
export function interfacePages(): RequestHandler[] {
  if (!existsSync(folder)) return [];
  const files = sirv(folder, {
    single: true,
    ignores: [/^\/assets\//],
    brotli: true,
    gzip: true,
    etag: true,
    setHeaders: (response, path) => {
      const forGood = path.startsWith('/assets/');
      response.setHeader(
        'Cache-Control',
        forGood ? 'public, max-age=31536000, immutable' : 'no-cache',
      );
    },
  });
  return [announceData, files];
}

/** What the page at an address will ask for first. */
const firstAsked: [address: RegExp, data: (id: string) => string[]][] = [
  [/^\/dashboards\/(\d+)$/, (id) => ['/api/session', `/api/dashboards/${id}`]],
  [/^\/shared\/([\w-]+)$/, (token) => [`/api/links/${token}`]],
];

/** Tells the browser what the page will ask for, so that it asks before the page's scripts are read. */
const announceData: RequestHandler = (request, response, next) => {
  for (const [address, data] of firstAsked) {
    const id = address.exec(request.path)?.[1];
    if (id === undefined) continue;
    const links = data(id).map((path) => `<${path}>; rel=preload; as=fetch; crossorigin`);
    response.setHeader('Link', links);
  }
  next();
};
